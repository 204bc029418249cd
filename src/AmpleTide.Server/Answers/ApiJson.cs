using System.Text.Json;
using System.Text.Json.Serialization;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;
using Microsoft.AspNetCore.Mvc;

namespace AmpleTide.Server.Answers;

/// <summary>Enums travel in lower case with hyphens, as the class file writes them.</summary>
public sealed class Hyphenated<T>() : JsonStringEnumConverter<T>(JsonNamingPolicy.KebabCaseLower, false)
    where T : struct, Enum;

/// <summary>The shapes of all answers, generated at build time.</summary>
[JsonSourceGenerationOptions(JsonSerializerDefaults.Web)]
[JsonSerializable(typeof(ApplyRequest))]
[JsonSerializable(typeof(EditRequest))]
[JsonSerializable(typeof(IReadOnlyList<MoveSummary>))]
[JsonSerializable(typeof(MoveAnswer))]
[JsonSerializable(typeof(IReadOnlyList<PositionAnswer>))]
[JsonSerializable(typeof(PathAnswer))]
[JsonSerializable(typeof(IReadOnlyList<Prop>))]
[JsonSerializable(typeof(IReadOnlyList<Condition>))]
[JsonSerializable(typeof(FiguresAnswer))]
[JsonSerializable(typeof(ShelfAnswer))]
[JsonSerializable(typeof(HealthAnswer))]
[JsonSerializable(typeof(JsonElement))]
[JsonSerializable(typeof(ProblemDetails))]
[JsonSerializable(typeof(IReadOnlyList<Problem>))]
public sealed partial class ApiJson : JsonSerializerContext
{
    /// <summary>Sets options up: camel case, nulls left out, enums as words.</summary>
    public static void Apply(JsonSerializerOptions options)
    {
        options.TypeInfoResolverChain.Insert(0, Default);
        options.TypeInfoResolverChain.Insert(1, ScoreJson.Default);
        options.NumberHandling = JsonNumberHandling.Strict;
        options.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
        foreach (var converter in Words) options.Converters.Add(converter);
    }

    private static readonly JsonConverter[] Words =
    [
        new Hyphenated<MoveKind>(), new Hyphenated<Sidedness>(), new Hyphenated<Circle>(), new Hyphenated<Breath>(), new Hyphenated<Pattern>(),
        new Hyphenated<Work>(), new Hyphenated<Unit>(), new Hyphenated<Family>(), new Hyphenated<PelvisLevel>(),
        new Hyphenated<Tone>(),
    ];
}

/// <summary>
/// How scores are written. They are asked for at every key the teacher presses, so they go the quick way: code generated for
/// just these shapes, without converters.
/// </summary>
[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase, DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull)]
[JsonSerializable(typeof(ScoreAnswer))]
[JsonSerializable(typeof(ApplyAnswer))]
public sealed partial class ScoreJson : JsonSerializerContext
{
    /// <summary>An answer with a score, written whole.</summary>
    public static IResult Answer(ScoreAnswer score) => TypedResults.Bytes(JsonSerializer.SerializeToUtf8Bytes(score, Default.ScoreAnswer), "application/json; charset=utf-8");
}
