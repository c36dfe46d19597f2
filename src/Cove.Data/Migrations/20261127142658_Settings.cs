using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cove.Data.Migrations
{
    /// <inheritdoc />
    public partial class Settings : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "Settings",
                columns: table => new
                {
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Currency = table.Column<string>(type: "TEXT", nullable: false),
                    Distance = table.Column<string>(type: "TEXT", nullable: false),
                    Volume = table.Column<string>(type: "TEXT", nullable: false),
                    Temperature = table.Column<string>(type: "TEXT", nullable: false),
                    Hours = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Settings", x => x.OwnerId);
                });

            // Who has named a currency keeps it; everything else holds as usual until it is chosen.
            migrationBuilder.Sql("""
                INSERT INTO "Settings" ("OwnerId", "Currency", "Distance", "Volume", "Temperature", "Hours")
                SELECT "OwnerId", "Currency", 'Kilometre', 'Millilitre', 'Celsius', 'TwentyFour'
                FROM "Wishes" WHERE "Currency" <> '';
                """);

            migrationBuilder.DropTable(
                name: "Wishes");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "Wishes",
                columns: table => new
                {
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Currency = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Wishes", x => x.OwnerId);
                });

            migrationBuilder.Sql("""
                INSERT INTO "Wishes" ("OwnerId", "Currency") SELECT "OwnerId", "Currency" FROM "Settings";
                """);

            migrationBuilder.DropTable(
                name: "Settings");
        }
    }
}
