using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using System.Text.Json;
using AmpleTide.Core.Catalogue;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace AmpleTide.Server.Contracts;

/// <summary>The responses about moves, each written once for as long as the catalogue stays the same.</summary>
internal sealed class MoveResponses(IOptions<JsonOptions> json)
{
    private readonly ConditionalWeakTable<CatalogueSnapshot, ConcurrentDictionary<string, byte[]>> written = [];

    /// <summary>All moves, summed up.</summary>
    public IResult All(CatalogueSnapshot snapshot) =>
        Written(
            snapshot,
            "",
            () =>
                JsonSerializer.SerializeToUtf8Bytes(
                    (IReadOnlyList<MoveSummary>)[.. snapshot.Catalogue.Moves.Select(m => MoveSummary.Of(m, snapshot.Catalogue))],
                    json.Value.SerializerOptions
                )
        );

    /// <summary>
    /// The moves that people call so, best first; before those that only sound like it, the moves that are good for what is asked for.
    /// </summary>
    public static IReadOnlyList<MoveSummary> Found(CatalogueSnapshot snapshot, string asked)
    {
        var named = snapshot
            .Search.Find(asked)
            .Select(f => (f.IsWhole, Move: MoveSummary.Of(f.Move, snapshot.Catalogue) with { FoundBy = f.Name, Sure = f.Sure }))
            .ToList();
        var useful = snapshot
            .Uses.Find(asked)
            .Select(u => MoveSummary.Of(u.Move, snapshot.Catalogue) with { FoundFor = u.For, FoundIn = u.Position.Id, Sure = false });
        return
        [
            .. named
                .Where(n => n.IsWhole)
                .Select(n => n.Move)
                .Concat(useful)
                .Concat(named.Where(n => !n.IsWhole).Select(n => n.Move))
                .DistinctBy(m => m.Id),
        ];
    }

    /// <summary>One move, whole, advised about as it is taken.</summary>
    public IResult Of(CatalogueSnapshot snapshot, MoveForm taken) =>
        Written(
            snapshot,
            $"{taken.Move.Id} {taken.Position.Id} {taken.Option}",
            () => JsonSerializer.SerializeToUtf8Bytes(MoveResponse.Of(taken.Move, taken, snapshot), json.Value.SerializerOptions)
        );

    private FileContentHttpResult Written(CatalogueSnapshot snapshot, string key, Func<byte[]> write) =>
        TypedResults.Bytes(written.GetOrCreateValue(snapshot).GetOrAdd(key, _ => write()), "application/json; charset=utf-8");
}
