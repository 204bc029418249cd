using AmpleTide.Bench;
using BenchmarkDotNet.Running;

// Usage: dotnet run -c Release --project bench/AmpleTide.Bench
BenchmarkRunner.Run<CompileAndJudge>();
BenchmarkRunner.Run<NestedSets>();
