using System.Text.Json;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AmpleTide.Server.Endpoints;

/// <summary>How the teacher says moves in all classes: own words and nicknames by move, and which names moves go by.</summary>
internal static class WordsEndpoints
{
    private const int Longest = 1000;
    private const int LongestName = 60;
    private const string Title = "The words cannot be kept.";

    public static void MapWords(this IEndpointRouteBuilder api)
    {
        api.MapGet("/words", (LiveCatalogue live) => TypedResults.Ok(live.Speech.Words));
        api.MapPut("/words/{move}", Save)
            .Accepts<TeacherWords>("application/json")
            .Produces<TeacherWords>()
            .ProducesProblem(404)
            .ProducesProblem(422);
        api.MapDelete("/words/{move}", Reset).Produces(204);
        api.MapGet("/preferences", (LiveCatalogue live) => TypedResults.Ok(new Preferences(live.Speech.Names)));
        api.MapPut("/preferences", Prefer).Produces<Preferences>().ProducesProblem(400);
    }

    private static async Task<Ok<Preferences>> Prefer(Preferences chosen, TideStore store, OwnMoves own, CancellationToken cancellation)
    {
        await own.Call(store, chosen.Names, cancellation);
        return TypedResults.Ok(chosen);
    }

    private static async Task<IResult> Save(string move, HttpRequest request, TideStore store, OwnMoves own, CatalogueSnapshot snapshot)
    {
        if (snapshot.Catalogue.Move(move) is not { } known)
            return Problems.NotFound($"There is no move '{move}'.");
        using var body = await RequestBody.Json(request);
        TeacherWords words;
        try
        {
            words = body.RootElement.Deserialize(StoredJson.Default.TeacherWords) ?? throw new JsonException();
        }
        catch (JsonException error)
        {
            throw new UnusableException(
                Title,
                [new((error.Path ?? "").TrimStart('$').Replace('.', '/'), "is of another kind than words are")]
            );
        }
        words = Tidied(words);
        var problems = Wrong(words, known).ToList();
        if (problems.Count > 0)
            throw new UnusableException(Title, problems);
        await own.Say(store, move, words, request.HttpContext.RequestAborted);
        return TypedResults.Ok(words);
    }

    private static async Task<NoContent> Reset(string move, TideStore store, OwnMoves own, CancellationToken cancellation)
    {
        await own.Say(store, move, null, cancellation);
        return TypedResults.NoContent();
    }

    // Nothing said is the catalogue's.
    private static TeacherWords Tidied(TeacherWords words)
    {
        static string? Said(string? text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();
        return new(
            Said(words.Opener),
            Said(words.First),
            Said(words.Second),
            Said(words.Permission),
            Said(words.Closer),
            Said(words.Nickname),
            (words.Cues ?? new Dictionary<string, string>())
                .Where(c => Said(c.Value) is not null)
                .ToDictionary(c => c.Key, c => c.Value.Trim())
        );
    }

    private static IEnumerable<Problem> Wrong(TeacherWords words, Move move)
    {
        var keys = Enumerable.Range(0, move.Phases.Count).Select(Phase.Key).ToHashSet();
        foreach (var key in words.Cues.Keys.Where(k => !keys.Contains(k)))
            yield return new($"/cues/{key}", $"{move.Name} has the phases 1 to {move.Phases.Count}");
        var all = new (string Field, string? Text)[]
        {
            ("opener", words.Opener),
            ("first", words.First),
            ("second", words.Second),
            ("permission", words.Permission),
            ("closer", words.Closer),
            ("nickname", words.Nickname),
        }.Concat(words.Cues.Select(c => ($"cues/{c.Key}", (string?)c.Value)));
        foreach (var (field, text) in all)
        {
            var longest = field == "nickname" ? LongestName : Longest;
            if (text?.Length > longest)
                yield return new($"/{field}", $"has {text.Length} characters, {longest} at most");
            foreach (var word in Words.Placeholders(text ?? "").Where(w => !Words.IsPlaceholder(w)))
                yield return new(
                    $"/{field}",
                    $"'{{{word}}}' is no side; {{right}}, {{left}}, {{clockwise}}, {{backwards}} and {{inwards}} are"
                );
        }
    }
}
