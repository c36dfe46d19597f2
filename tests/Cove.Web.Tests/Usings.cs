global using System.Net;
global using System.Net.Http.Json;
global using System.Text.Json;
global using System.Text.Json.Nodes;
global using FsCheck;
global using FsCheck.Fluent;
global using FsCheck.Xunit;
global using Xunit;
