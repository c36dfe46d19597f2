using BenchmarkDotNet.Columns;
using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Running;
using Cove.Bench;

BenchmarkSwitcher
    .FromAssembly(typeof(SessionBenchmarks).Assembly)
    .Run(args, DefaultConfig.Instance.AddColumn(StatisticColumn.P95));
