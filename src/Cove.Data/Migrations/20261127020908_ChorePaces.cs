using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cove.Data.Migrations
{
    /// <inheritdoc />
    public partial class ChorePaces : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            // Chores were planned by the pace that was known then, and compared with these minutes of the table.
            migrationBuilder.Sql(
                """
                UPDATE Log SET Pace = PlannedSeconds / CASE Subject
                    WHEN 'empty-car' THEN 120.0
                    WHEN 'set-up' THEN 60.0
                    WHEN 'cover-finished' THEN 30.0
                    WHEN 'outside-panes' THEN 180.0
                    ELSE 90.0 END
                WHERE Kind = 'Chore' AND PlannedSeconds > 0
                """
            );
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("UPDATE Log SET Pace = 1 WHERE Kind = 'Chore'");
        }
    }
}
