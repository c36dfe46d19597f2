using BenchmarkDotNet.Running;
using Cove.Bench;

BenchmarkSwitcher.FromAssembly(typeof(SessionBenchmarks).Assembly).Run(args);
