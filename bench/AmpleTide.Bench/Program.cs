using AmpleTide.Bench;
using BenchmarkDotNet.Running;

// Usage: dotnet run -c Release --project bench/AmpleTide.Bench -- core | score | moves
switch (args.FirstOrDefault())
{
    case "core":
        BenchmarkRunner.Run<CompileAndJudge>();
        return 0;
    case "score":
        return await ScoreAgainstPrecomputed.Run();
    case "moves":
        return await MoveAgainstPrecomputed.Run();
    default:
        Console.Error.WriteLine("Say what to measure: core, score or moves.");
        return 1;
}
