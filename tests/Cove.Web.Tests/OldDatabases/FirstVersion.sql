CREATE TABLE IF NOT EXISTS "__EFMigrationsHistory" (
    "MigrationId" TEXT NOT NULL CONSTRAINT "PK___EFMigrationsHistory" PRIMARY KEY,
    "ProductVersion" TEXT NOT NULL
);

BEGIN TRANSACTION;
CREATE TABLE "Vehicles" (
    "Id" TEXT NOT NULL CONSTRAINT "PK_Vehicles" PRIMARY KEY,
    "Name" TEXT NOT NULL,
    "Description" TEXT NOT NULL,
    "AddedAt" INTEGER NOT NULL,
    "Body" TEXT NOT NULL,
    "Rows" INTEGER NOT NULL,
    "DriverSide" TEXT NOT NULL,
    "SeatMaterial" TEXT NOT NULL,
    "FrontMats" TEXT NOT NULL,
    "RearMats" TEXT NOT NULL,
    "GlossTrim" INTEGER NOT NULL,
    "TintedRear" INTEGER NOT NULL,
    "ChildSeats" INTEGER NOT NULL,
    "OwnerId" TEXT NOT NULL
);

CREATE TABLE "CareStates" (
    "VehicleId" TEXT NOT NULL,
    "TaskId" TEXT NOT NULL,
    "SurfaceId" TEXT NOT NULL,
    "StartAt" INTEGER NOT NULL,
    "StartLevel" REAL NOT NULL,
    "ChangedAt" INTEGER NOT NULL,
    "Level" REAL NOT NULL,
    "OwnerId" TEXT NOT NULL,
    CONSTRAINT "PK_CareStates" PRIMARY KEY ("VehicleId", "TaskId", "SurfaceId"),
    CONSTRAINT "FK_CareStates_Vehicles_VehicleId" FOREIGN KEY ("VehicleId") REFERENCES "Vehicles" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Sessions" (
    "Id" TEXT NOT NULL CONSTRAINT "PK_Sessions" PRIMARY KEY,
    "VehicleId" TEXT NOT NULL,
    "PlannedAt" INTEGER NOT NULL,
    "Minutes" INTEGER NOT NULL,
    "Steps" TEXT NOT NULL,
    "OwnerId" TEXT NOT NULL,
    CONSTRAINT "FK_Sessions_Vehicles_VehicleId" FOREIGN KEY ("VehicleId") REFERENCES "Vehicles" ("Id") ON DELETE CASCADE
);

CREATE TABLE "SurfaceRow" (
    "VehicleId" TEXT NOT NULL,
    "SurfaceId" TEXT NOT NULL,
    "Position" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "ShortName" TEXT NOT NULL,
    "Kind" TEXT NOT NULL,
    "Material" TEXT NOT NULL,
    "Finish" TEXT NOT NULL,
    "SquareMetres" REAL NOT NULL,
    "ZoneId" TEXT NOT NULL,
    "Exposure" REAL NOT NULL,
    "Facts" TEXT NOT NULL,
    "OwnerId" TEXT NOT NULL,
    CONSTRAINT "PK_SurfaceRow" PRIMARY KEY ("VehicleId", "SurfaceId"),
    CONSTRAINT "FK_SurfaceRow_Vehicles_VehicleId" FOREIGN KEY ("VehicleId") REFERENCES "Vehicles" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Usage" (
    "VehicleId" TEXT NOT NULL,
    "From" INTEGER NOT NULL,
    "KilometresAWeek" REAL NOT NULL,
    "OwnerId" TEXT NOT NULL,
    CONSTRAINT "PK_Usage" PRIMARY KEY ("VehicleId", "From"),
    CONSTRAINT "FK_Usage_Vehicles_VehicleId" FOREIGN KEY ("VehicleId") REFERENCES "Vehicles" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Runs" (
    "Id" TEXT NOT NULL CONSTRAINT "PK_Runs" PRIMARY KEY,
    "VehicleId" TEXT NOT NULL,
    "SessionId" TEXT NOT NULL,
    "StartKey" TEXT NOT NULL,
    "StartedAt" INTEGER NOT NULL,
    "FinishedAt" INTEGER NULL,
    "OwnerId" TEXT NOT NULL,
    CONSTRAINT "FK_Runs_Sessions_SessionId" FOREIGN KEY ("SessionId") REFERENCES "Sessions" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_Runs_Vehicles_VehicleId" FOREIGN KEY ("VehicleId") REFERENCES "Vehicles" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Log" (
    "Id" TEXT NOT NULL CONSTRAINT "PK_Log" PRIMARY KEY,
    "VehicleId" TEXT NOT NULL,
    "RunId" TEXT NULL,
    "Kind" TEXT NOT NULL,
    "Subject" TEXT NOT NULL,
    "SurfaceIds" TEXT NOT NULL,
    "At" INTEGER NOT NULL,
    "PlannedSeconds" INTEGER NOT NULL,
    "TakenSeconds" INTEGER NOT NULL,
    "Removed" REAL NOT NULL,
    "Note" TEXT NOT NULL,
    "UndoneAt" INTEGER NULL,
    "Version" INTEGER NOT NULL,
    "OwnerId" TEXT NOT NULL,
    CONSTRAINT "FK_Log_Runs_RunId" FOREIGN KEY ("RunId") REFERENCES "Runs" ("Id"),
    CONSTRAINT "FK_Log_Vehicles_VehicleId" FOREIGN KEY ("VehicleId") REFERENCES "Vehicles" ("Id") ON DELETE CASCADE
);

CREATE TABLE "RunEvents" (
    "RunId" TEXT NOT NULL,
    "Sequence" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Kind" TEXT NOT NULL,
    "Step" INTEGER NOT NULL,
    "At" INTEGER NOT NULL,
    "OwnerId" TEXT NOT NULL,
    CONSTRAINT "PK_RunEvents" PRIMARY KEY ("RunId", "Sequence"),
    CONSTRAINT "FK_RunEvents_Runs_RunId" FOREIGN KEY ("RunId") REFERENCES "Runs" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_CareStates_OwnerId" ON "CareStates" ("OwnerId");

CREATE INDEX "IX_Log_OwnerId" ON "Log" ("OwnerId");

CREATE INDEX "IX_Log_RunId" ON "Log" ("RunId");

CREATE INDEX "IX_Log_VehicleId_At" ON "Log" ("VehicleId", "At");

CREATE INDEX "IX_RunEvents_OwnerId" ON "RunEvents" ("OwnerId");

CREATE UNIQUE INDEX "IX_RunEvents_RunId_Key" ON "RunEvents" ("RunId", "Key");

CREATE INDEX "IX_Runs_OwnerId" ON "Runs" ("OwnerId");

CREATE INDEX "IX_Runs_SessionId" ON "Runs" ("SessionId");

CREATE UNIQUE INDEX "IX_Runs_StartKey" ON "Runs" ("StartKey");

CREATE INDEX "IX_Runs_VehicleId" ON "Runs" ("VehicleId");

CREATE INDEX "IX_Sessions_OwnerId" ON "Sessions" ("OwnerId");

CREATE INDEX "IX_Sessions_VehicleId" ON "Sessions" ("VehicleId");

CREATE INDEX "IX_SurfaceRow_OwnerId" ON "SurfaceRow" ("OwnerId");

CREATE INDEX "IX_Usage_OwnerId" ON "Usage" ("OwnerId");

CREATE INDEX "IX_Vehicles_OwnerId" ON "Vehicles" ("OwnerId");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261124031202_First', '10.0.15');

COMMIT;

-- One car as the first version stored it.
INSERT INTO "Vehicles" VALUES ('01990000-0000-7000-8000-000000000001', 'Old one', 'kept since the first version', 1767225600000, 'Suv', 3, 'Left', 'FabricWithMicrosuede', 'Rubber', 'Pile', 1, 1, 0, '6F2F0B1E-5A0C-4D57-9A51-3C1D4D0C0E01');
INSERT INTO "Usage" VALUES ('01990000-0000-7000-8000-000000000001', 1767225600000, 310.0, '6F2F0B1E-5A0C-4D57-9A51-3C1D4D0C0E01');
INSERT INTO "SurfaceRow" VALUES ('01990000-0000-7000-8000-000000000001', 'dash', 0, 'Dashboard', 'Dash', 'Dash', 'Plastic', 'Matte', 0.9, 'driver', 1.0, 'None', '6F2F0B1E-5A0C-4D57-9A51-3C1D4D0C0E01');
INSERT INTO "CareStates" VALUES ('01990000-0000-7000-8000-000000000001', 'wipe-dash', 'dash', 1767225600000, 0.6, 1767225600000, 0.6, '6F2F0B1E-5A0C-4D57-9A51-3C1D4D0C0E01');
