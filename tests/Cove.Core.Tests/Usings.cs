global using Cove.Core;
global using Cove.Core.Sessions;
global using Cove.Core.Upkeep;
global using Cove.Core.Vehicles;
global using FsCheck;
global using FsCheck.Fluent;
global using FsCheck.Xunit;
global using Xunit;
