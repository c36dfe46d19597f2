using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cove.Data.Migrations
{
    /// <inheritdoc />
    public partial class OwnCar : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "LayoutJson",
                table: "Vehicles",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "Vehicles",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ArchivedAt",
                table: "Vehicles",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "LearntSince",
                table: "Vehicles",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "UseJson",
                table: "Usage",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "Absent",
                table: "SurfaceRow",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "PartOf",
                table: "SurfaceRow",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Wear",
                table: "SurfaceRow",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Result",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.CreateTable(
                name: "Learnt",
                columns: table => new
                {
                    VehicleId = table.Column<Guid>(type: "TEXT", nullable: false),
                    TaskId = table.Column<string>(type: "TEXT", nullable: false),
                    LogMean = table.Column<double>(type: "REAL", nullable: false),
                    Spread = table.Column<double>(type: "REAL", nullable: false),
                    Looks = table.Column<int>(type: "INTEGER", nullable: false),
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Learnt", x => new { x.VehicleId, x.TaskId });
                    table.ForeignKey(
                        name: "FK_Learnt_Vehicles_VehicleId",
                        column: x => x.VehicleId,
                        principalTable: "Vehicles",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Odometer",
                columns: table => new
                {
                    VehicleId = table.Column<Guid>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Kilometres = table.Column<double>(type: "REAL", nullable: false),
                    Simulated = table.Column<bool>(type: "INTEGER", nullable: false),
                    OwnerId = table.Column<Guid>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Odometer", x => new { x.VehicleId, x.At });
                    table.ForeignKey(
                        name: "FK_Odometer_Vehicles_VehicleId",
                        column: x => x.VehicleId,
                        principalTable: "Vehicles",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Learnt_OwnerId",
                table: "Learnt",
                column: "OwnerId");

            migrationBuilder.CreateIndex(
                name: "IX_Odometer_OwnerId",
                table: "Odometer",
                column: "OwnerId");

            // What was asked so far becomes the layout; what was not asked yet takes its usual answer.
            migrationBuilder.Sql(
                """
                UPDATE Vehicles SET LayoutJson = json_object(
                    'body', lower(substr(Body, 1, 1)) || substr(Body, 2),
                    'doors', CASE Body WHEN 'CityCar' THEN 2 ELSE 4 END,
                    'secondRowSeats', CASE WHEN "Rows" > 1 THEN 3 ELSE 0 END,
                    'thirdRowSeats', CASE WHEN "Rows" > 2 THEN 3 ELSE 0 END,
                    'driverSide', lower(DriverSide),
                    'seatMaterial', lower(substr(SeatMaterial, 1, 1)) || substr(SeatMaterial, 2),
                    'frontMats', lower(FrontMats),
                    'rearMats', lower(RearMats),
                    'trim', CASE WHEN GlossTrim THEN 'gloss' ELSE 'satin' END,
                    'tintedRear', json(CASE WHEN TintedRear THEN 'true' ELSE 'false' END),
                    'childSeats', CASE WHEN "Rows" > 1 THEN ChildSeats ELSE 0 END);
                UPDATE "Usage" SET UseJson = json_object('kilometresAWeek', KilometresAWeek);
                """
            );
            // Dropped one by one: rebuilding the tables would lose nothing, but would have to be done around the update.
            foreach (string column in new[] { "Body", "Rows", "DriverSide", "SeatMaterial", "FrontMats", "RearMats", "GlossTrim", "TintedRear", "ChildSeats" })
            {
                migrationBuilder.Sql($"ALTER TABLE Vehicles DROP COLUMN \"{column}\"");
            }

            migrationBuilder.Sql("ALTER TABLE \"Usage\" DROP COLUMN KilometresAWeek");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder) =>
            throw new NotSupportedException("There is no way back from here. Use the copy that was kept beside the database before the change.");
    }
}
