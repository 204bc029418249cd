using AmpleTide.Bench;
using BenchmarkDotNet.Running;

// Usage: dotnet run -c Release --project bench/AmpleTide.Bench [-- fit|figures|ladder]
if (args is ["fit"])
{
    Fits.Run();
    return;
}
if (args is ["figures"])
{
    Figures.Run();
    return;
}
if (args is ["ladder"])
{
    Ladders.Run();
    return;
}
BenchmarkRunner.Run<CompileAndJudge>();
BenchmarkRunner.Run<NestedSets>();
