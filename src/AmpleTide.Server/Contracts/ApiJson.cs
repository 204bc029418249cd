using System.Text.Json;
using System.Text.Json.Serialization;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Logbook;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;
using Microsoft.AspNetCore.Mvc;

namespace AmpleTide.Server.Contracts;

/// <summary>Enums travel in lower case with hyphens, as the class file writes them.</summary>
public sealed class Hyphenated<T>() : JsonStringEnumConverter<T>(JsonNamingPolicy.KebabCaseLower, false)
    where T : struct, Enum;

/// <summary>The shapes of all answers, generated at build time.</summary>
[JsonSourceGenerationOptions(JsonSerializerDefaults.Web)]
[JsonSerializable(typeof(ApplyRequest))]
[JsonSerializable(typeof(ScoreResponse))]
[JsonSerializable(typeof(ApplyResponse))]
[JsonSerializable(typeof(FitRequestBody))]
[JsonSerializable(typeof(FitResponse))]
[JsonSerializable(typeof(Taught))]
[JsonSerializable(typeof(LogResponse))]
[JsonSerializable(typeof(IReadOnlyDictionary<string, DateTimeOffset>))]
[JsonSerializable(typeof(IReadOnlyList<FormatResponse>))]
[JsonSerializable(typeof(ReadTextRequest))]
[JsonSerializable(typeof(ReadTextResponse))]
[JsonSerializable(typeof(OpenedResponse))]
[JsonSerializable(typeof(TeacherWords))]
[JsonSerializable(typeof(Preferences))]
[JsonSerializable(typeof(HomePracticeRequest))]
[JsonSerializable(typeof(HomePracticeResponse))]
[JsonSerializable(typeof(IReadOnlyDictionary<string, TeacherWords>))]
[JsonSerializable(typeof(LessonRequest))]
[JsonSerializable(typeof(LessonResponse))]
[JsonSerializable(typeof(LadderRequest))]
[JsonSerializable(typeof(IReadOnlyList<RungResponse>))]
[JsonSerializable(typeof(TeachingRequest))]
[JsonSerializable(typeof(TeachingResponse))]
[JsonSerializable(typeof(IReadOnlyList<MoveSummary>))]
[JsonSerializable(typeof(MoveResponse))]
[JsonSerializable(typeof(IReadOnlyList<PositionResponse>))]
[JsonSerializable(typeof(PathResponse))]
[JsonSerializable(typeof(IReadOnlyList<Prop>))]
[JsonSerializable(typeof(IReadOnlyList<ConditionSummary>))]
[JsonSerializable(typeof(FiguresResponse))]
[JsonSerializable(typeof(BodyMapResponse))]
[JsonSerializable(typeof(FramesResponse))]
[JsonSerializable(typeof(MoveTextResponse))]
[JsonSerializable(typeof(PreviewResponse))]
[JsonSerializable(typeof(SolvedResponse))]
[JsonSerializable(typeof(IReadOnlyList<InsertionResponse>))]
[JsonSerializable(typeof(ConventionsResponse))]
[JsonSerializable(typeof(IReadOnlyList<RuleResponse>))]
[JsonSerializable(typeof(IReadOnlyList<BodyAxisResponse>))]
[JsonSerializable(typeof(ShelfResponse))]
[JsonSerializable(typeof(IReadOnlyList<BinEntry>))]
[JsonSerializable(typeof(IReadOnlyList<MoveToMend>))]
[JsonSerializable(typeof(IReadOnlyList<VersionEntry>))]
[JsonSerializable(typeof(VersionEntry))]
[JsonSerializable(typeof(VersionName))]
[JsonSerializable(typeof(ArchivedRequest))]
[JsonSerializable(typeof(HealthResponse))]
[JsonSerializable(typeof(JsonElement))]
[JsonSerializable(typeof(ProblemDetails))]
[JsonSerializable(typeof(IReadOnlyList<Problem>))]
public sealed partial class ApiJson : JsonSerializerContext
{
    /// <summary>Sets options up: camel case, nulls left out, enums as words.</summary>
    public static void Apply(JsonSerializerOptions options)
    {
        options.TypeInfoResolverChain.Insert(0, Default);
        options.NumberHandling = JsonNumberHandling.Strict;
        options.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
        foreach (var converter in Words)
            options.Converters.Add(converter);
    }

    private static readonly JsonConverter[] Words =
    [
        new Hyphenated<MoveKind>(),
        new Hyphenated<Sign>(),
        new Hyphenated<NameKind>(),
        new Hyphenated<Sidedness>(),
        new Hyphenated<Circle>(),
        new Hyphenated<Second>(),
        new Hyphenated<Breath>(),
        new Hyphenated<Pattern>(),
        new Hyphenated<Work>(),
        new Hyphenated<Unit>(),
        new Hyphenated<Family>(),
        new Hyphenated<PelvisLevel>(),
        new Hyphenated<Tone>(),
        new Hyphenated<Advice>(),
        new Hyphenated<Source>(),
        new Hyphenated<Core.Judgements.Level>(),
    ];
}
