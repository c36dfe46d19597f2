using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cove.Data.Migrations
{
    /// <inheritdoc />
    public partial class Methods : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Towel",
                table: "RunEvents",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "MethodsJson",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<long>(
                name: "SettledAt",
                table: "Log",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "Oily",
                table: "CareStates",
                type: "REAL",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Residues",
                columns: table => new
                {
                    VehicleId = table.Column<Guid>(type: "TEXT", nullable: false),
                    MethodId = table.Column<string>(type: "TEXT", nullable: false),
                    LogMean = table.Column<double>(type: "REAL", nullable: false),
                    Spread = table.Column<double>(type: "REAL", nullable: false),
                    Looks = table.Column<int>(type: "INTEGER", nullable: false),
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Residues", x => new { x.VehicleId, x.MethodId });
                    table.ForeignKey(
                        name: "FK_Residues_Vehicles_VehicleId",
                        column: x => x.VehicleId,
                        principalTable: "Vehicles",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Residues");

            migrationBuilder.DropColumn(
                name: "Towel",
                table: "RunEvents");

            migrationBuilder.DropColumn(
                name: "MethodsJson",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "SettledAt",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Oily",
                table: "CareStates");
        }
    }
}
