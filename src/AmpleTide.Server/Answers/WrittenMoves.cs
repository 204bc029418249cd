using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using System.Text.Json;
using AmpleTide.Core.Catalogue;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace AmpleTide.Server.Answers;

/// <summary>The answers about moves, each written once for as long as the catalogue stays the same.</summary>
internal sealed class WrittenMoves(House house, IOptions<JsonOptions> json)
{
    private readonly ConditionalWeakTable<MoveCatalogue, ConcurrentDictionary<string, byte[]>> written = [];

    /// <summary>All moves, summed up.</summary>
    public IResult All() => Answer("", catalogue =>
        JsonSerializer.SerializeToUtf8Bytes((IReadOnlyList<MoveSummary>)[.. catalogue.Moves.Select(m => MoveSummary.Of(m, catalogue))], json.Value.SerializerOptions));

    /// <summary>One move, whole.</summary>
    public IResult Of(Move move) => Answer(move.Id, _ => JsonSerializer.SerializeToUtf8Bytes(MoveAnswer.Of(move, house), json.Value.SerializerOptions));

    private FileContentHttpResult Answer(string key, Func<MoveCatalogue, byte[]> write)
    {
        var catalogue = house.Catalogue;
        return TypedResults.Bytes(written.GetOrCreateValue(catalogue).GetOrAdd(key, _ => write(catalogue)), "application/json; charset=utf-8");
    }
}
