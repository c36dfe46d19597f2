using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cove.Data.Migrations
{
    /// <inheritdoc />
    public partial class Shelf : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Vehicles_OwnerId",
                table: "Vehicles");

            migrationBuilder.DropIndex(
                name: "IX_Usage_OwnerId",
                table: "Usage");

            migrationBuilder.DropIndex(
                name: "IX_SurfaceRow_OwnerId",
                table: "SurfaceRow");

            migrationBuilder.DropIndex(
                name: "IX_Sessions_OwnerId",
                table: "Sessions");

            migrationBuilder.DropIndex(
                name: "IX_Runs_OwnerId",
                table: "Runs");

            migrationBuilder.DropIndex(
                name: "IX_RunEvents_OwnerId",
                table: "RunEvents");

            migrationBuilder.DropIndex(
                name: "IX_Odometer_OwnerId",
                table: "Odometer");

            migrationBuilder.DropIndex(
                name: "IX_Log_OwnerId",
                table: "Log");

            migrationBuilder.DropIndex(
                name: "IX_Learnt_OwnerId",
                table: "Learnt");

            migrationBuilder.DropIndex(
                name: "IX_CareStates_OwnerId",
                table: "CareStates");

            migrationBuilder.CreateTable(
                name: "Instructions",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    VehicleId = table.Column<Guid>(type: "TEXT", nullable: true),
                    SurfaceId = table.Column<string>(type: "TEXT", nullable: true),
                    ProductId = table.Column<Guid>(type: "TEXT", nullable: true),
                    Allows = table.Column<bool>(type: "INTEGER", nullable: false),
                    Note = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Instructions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Instructions_Vehicles_VehicleId",
                        column: x => x.VehicleId,
                        principalTable: "Vehicles",
                        principalColumn: "Id");
                });

            migrationBuilder.CreateTable(
                name: "Kits",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    KitJson = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Kits", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "ProductUses",
                columns: table => new
                {
                    LogId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Position = table.Column<int>(type: "INTEGER", nullable: false),
                    ProductId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Strength = table.Column<double>(type: "REAL", nullable: false),
                    Amount = table.Column<double>(type: "REAL", nullable: false),
                    Taken = table.Column<bool>(type: "INTEGER", nullable: false),
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ProductUses", x => new { x.LogId, x.Position });
                    table.ForeignKey(
                        name: "FK_ProductUses_Log_LogId",
                        column: x => x.LogId,
                        principalTable: "Log",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Products",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Position = table.Column<int>(type: "INTEGER", nullable: false),
                    DetailsJson = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Products", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Log_VehicleId_Kind_At",
                table: "Log",
                columns: new[] { "VehicleId", "Kind", "At" });

            migrationBuilder.CreateIndex(
                name: "IX_Instructions_VehicleId",
                table: "Instructions",
                column: "VehicleId");

            migrationBuilder.CreateIndex(
                name: "IX_ProductUses_ProductId",
                table: "ProductUses",
                column: "ProductId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Instructions");

            migrationBuilder.DropTable(
                name: "Kits");

            migrationBuilder.DropTable(
                name: "ProductUses");

            migrationBuilder.DropTable(
                name: "Products");

            migrationBuilder.DropIndex(
                name: "IX_Log_VehicleId_Kind_At",
                table: "Log");

            migrationBuilder.CreateIndex(
                name: "IX_Vehicles_OwnerId",
                table: "Vehicles",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_Usage_OwnerId",
                table: "Usage",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_SurfaceRow_OwnerId",
                table: "SurfaceRow",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_Sessions_OwnerId",
                table: "Sessions",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_Runs_OwnerId",
                table: "Runs",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_RunEvents_OwnerId",
                table: "RunEvents",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_Odometer_OwnerId",
                table: "Odometer",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_Log_OwnerId",
                table: "Log",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_Learnt_OwnerId",
                table: "Learnt",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_CareStates_OwnerId",
                table: "CareStates",
                column: "OwnerId");
        }
    }
}
