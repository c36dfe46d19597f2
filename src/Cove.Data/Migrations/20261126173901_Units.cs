using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cove.Data.Migrations
{
    /// <inheritdoc />
    public partial class Units : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Unit",
                table: "ProductUses",
                type: "TEXT",
                nullable: false,
                defaultValue: "Millilitres");

            migrationBuilder.Sql(
                """
                UPDATE ProductUses SET Unit = 'Pieces'
                WHERE ProductId IN (
                    SELECT Id FROM Products
                    WHERE json_valid(DetailsJson) AND json_extract(DetailsJson, '$.form') IN ('solid', 'wipes')
                );
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Unit",
                table: "ProductUses");
        }
    }
}
