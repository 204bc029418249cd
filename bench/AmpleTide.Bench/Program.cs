using AmpleTide.Bench;
using BenchmarkDotNet.Running;

// Usage: dotnet run -c Release --project bench/AmpleTide.Bench [-- fit]
if (args is ["fit"])
{
    Fits.Run();
    return;
}
BenchmarkRunner.Run<CompileAndJudge>();
BenchmarkRunner.Run<NestedSets>();
