global using Cove.Core;
