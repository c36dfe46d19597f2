using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cove.Data.Migrations
{
    /// <inheritdoc />
    public partial class Floor : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Runs_StartKey",
                table: "Runs");

            migrationBuilder.AddColumn<long>(
                name: "DeletedAt",
                table: "Vehicles",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "UseVersion",
                table: "Vehicles",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "DeletedAt",
                table: "Products",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Answers",
                columns: table => new
                {
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Request = table.Column<string>(type: "TEXT", nullable: false),
                    Status = table.Column<int>(type: "INTEGER", nullable: false),
                    Location = table.Column<string>(type: "TEXT", nullable: true),
                    ContentType = table.Column<string>(type: "TEXT", nullable: true),
                    Body = table.Column<byte[]>(type: "BLOB", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Answers", x => new { x.OwnerId, x.Key });
                });

            migrationBuilder.CreateIndex(
                name: "IX_Runs_OwnerId_StartKey",
                table: "Runs",
                columns: new[] { "OwnerId", "StartKey" },
                unique: true);

            // A clock that was set back wrote less than nothing, a session that lay open for days wrote days; no file could hold either.
            migrationBuilder.Sql("UPDATE \"Log\" SET \"TakenSeconds\" = 0 WHERE \"TakenSeconds\" < 0");
            migrationBuilder.Sql("UPDATE \"Log\" SET \"TakenSeconds\" = 36000 WHERE \"TakenSeconds\" > 36000");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Answers");

            migrationBuilder.DropIndex(
                name: "IX_Runs_OwnerId_StartKey",
                table: "Runs");

            migrationBuilder.DropColumn(
                name: "DeletedAt",
                table: "Vehicles");

            migrationBuilder.DropColumn(
                name: "UseVersion",
                table: "Vehicles");

            migrationBuilder.DropColumn(
                name: "DeletedAt",
                table: "Products");

            migrationBuilder.CreateIndex(
                name: "IX_Runs_StartKey",
                table: "Runs",
                column: "StartKey",
                unique: true);
        }
    }
}
