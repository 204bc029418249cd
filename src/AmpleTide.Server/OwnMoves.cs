using AmpleTide.Catalogue;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Formats;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>
/// The teacher's own moves: stored as their author wrote them, and in the catalogue as read. Whoever changes them waits for their turn, so
/// that store and catalogue never tell different things.
/// </summary>
internal sealed partial class OwnMoves(LiveCatalogue live, TimeProvider clock, ILogger<OwnMoves> log) : IDisposable
{
    private const string Refused = "A move of the class cannot be kept.";

    private readonly SemaphoreSlim turn = new(1, 1);
    private volatile IReadOnlyDictionary<string, OwnMoveForms> all = new Dictionary<string, OwnMoveForms>();
    private volatile IReadOnlyList<MoveToMend> toMend = [];

    /// <summary>What is stored but cannot be read, by id, and why.</summary>
    public IReadOnlyList<MoveToMend> ToMend => toMend;

    /// <summary>
    /// Reads what is stored. A move that a newer catalogue no longer allows stays stored and is left out until it is mended.
    /// </summary>
    public void Load(IReadOnlyList<OwnMove> stored)
    {
        var (readable, unreadable) = (new Dictionary<string, OwnMoveForms>(), new List<MoveToMend>());
        foreach (var row in stored)
        {
            try
            {
                readable[row.Id] = new(row.Yaml, CatalogueReader.ReadOwn(row.Yaml, live.Current.Catalogue));
            }
            catch (CatalogueException problem)
            {
                unreadable.Add(new(row.Id, problem.Problems[0].Reason.Replace($"{row.Id}: ", "", StringComparison.Ordinal)));
                log.LogWarning("The own move {Id} cannot be read any more: {Problem}", row.Id, problem.Message);
            }
        }
        (all, toMend) = (readable, unreadable);
        live.Publish(live.With([.. readable.Values]));
    }

    /// <summary>Keeps a new move.</summary>
    /// <exception cref="ConflictException">There is one of that id.</exception>
    public async Task Create(TideStore store, OwnMoveForms move, CancellationToken cancellation)
    {
        using var mine = await Turn(cancellation);
        if (await store.Moves.AnyAsync(m => m.Id == move.Id, cancellation))
            throw new ConflictException("The move is there already.", $"You have a move with the id '{move.Id}'; give this one another.");
        store.Add(
            new OwnMove
            {
                Id = move.Id,
                Yaml = move.Yaml,
                SavedAt = Now,
            }
        );
        await Store(store, With(move), move.Id, cancellation);
    }

    /// <summary>Keeps a move in the place of what it was; false where there is none of that id.</summary>
    public async Task<bool> Save(TideStore store, OwnMoveForms move, CancellationToken cancellation)
    {
        using var mine = await Turn(cancellation);
        var row = await store.Moves.FirstOrDefaultAsync(m => m.Id == move.Id, cancellation);
        if (row is null)
            return false;
        (row.Yaml, row.SavedAt) = (move.Yaml, Now);
        await Store(store, With(move), move.Id, cancellation);
        return true;
    }

    /// <summary>Lets a move go; false where there is none of that id.</summary>
    public async Task<bool> Delete(TideStore store, string id, CancellationToken cancellation)
    {
        using var mine = await Turn(cancellation);
        var row = await store.Moves.FirstOrDefaultAsync(m => m.Id == id, cancellation);
        if (row is null)
            return false;
        store.Remove(row);
        await Store(store, all.Where(m => m.Key != id).ToDictionary(), id, cancellation);
        return true;
    }

    /// <summary>
    /// Saves a class with the own moves that its file brings along. The class itself is kept without them: they are embedded anew when
    /// it is exported.
    /// </summary>
    /// <param name="store">The store.</param>
    /// <param name="embedded">The moves of the file.</param>
    /// <param name="save">Saves the class, computed with a catalogue that has the moves; says whether it was saved.</param>
    /// <param name="cancellation">Ends the waiting.</param>
    /// <exception cref="UnusableException">A move cannot be read, is the catalogue's, or differs from one that is kept under its
    /// id.</exception>
    public async Task Adopt(
        TideStore store,
        IReadOnlyList<EmbeddedMove> embedded,
        Func<CatalogueSnapshot, Task<bool>> save,
        CancellationToken cancellation
    )
    {
        if (embedded.Count == 0)
        {
            await save(live.Current);
            return;
        }
        using var mine = await Turn(cancellation);
        var taken = new Dictionary<string, OwnMoveForms>(all);
        for (var i = 0; i < embedded.Count; i++)
        {
            var move = Read(embedded[i].Yaml, $"/moves/{i}/yaml");
            var kept = await store.Moves.AsNoTracking().FirstOrDefaultAsync(m => m.Id == move.Id, cancellation);
            if (kept?.Yaml == move.Yaml)
                continue;
            if (kept is not null || taken.ContainsKey(move.Id))
                throw new UnusableException(
                    Refused,
                    [new($"/moves/{i}/id", $"you have another move called '{move.Id}'; give one of them another id")]
                );
            store.Add(
                new OwnMove
                {
                    Id = move.Id,
                    Yaml = move.Yaml,
                    SavedAt = Now,
                }
            );
            taken[move.Id] = move;
        }
        var snapshot = live.With([.. taken.Values]);
        if (!await save(snapshot))
            return;
        all = taken;
        live.Publish(snapshot);
    }

    /// <summary>The own moves that a class uses, as a file takes them along.</summary>
    public static IReadOnlyList<EmbeddedMove> UsedBy(ClassPlan plan, TideStore store)
    {
        var used = plan.Lines.Select(l => l.Move).Distinct().ToList();
        return
        [
            .. store.Moves.AsNoTracking().Where(m => used.Contains(m.Id)).OrderBy(m => m.Id).Select(m => new EmbeddedMove(m.Id, m.Yaml)),
        ];
    }

    /// <inheritdoc/>
    public void Dispose() => turn.Dispose();

    private long Now => clock.GetUtcNow().ToUnixTimeMilliseconds();

    private Dictionary<string, OwnMoveForms> With(OwnMoveForms move) => new(all) { [move.Id] = move };

    // The move, and what the shelf shows of the classes that use it, are stored together; only then is it there for requests.
    private async Task Store(TideStore store, IReadOnlyDictionary<string, OwnMoveForms> changed, string id, CancellationToken cancellation)
    {
        var snapshot = live.With([.. changed.Values]);
        await using (var both = await store.Database.BeginTransactionAsync(cancellation))
        {
            await Shelf.RefreshClassesWith(store, id, snapshot, cancellation);
            await store.SaveChangesAsync(cancellation);
            await both.CommitAsync(cancellation);
        }
        all = changed;
        toMend = [.. toMend.Where(m => m.Id != id)];
        live.Publish(snapshot);
    }

    private OwnMoveForms Read(string yaml, string pointer)
    {
        try
        {
            return new(yaml, CatalogueReader.ReadOwn(yaml, live.Current.Catalogue));
        }
        catch (CatalogueException wrong)
        {
            throw new UnusableException(Refused, [.. wrong.Problems.Select(p => new Problem(pointer, $"line {p.Line}: {p.Reason}"))]);
        }
    }

    private async Task<IDisposable> Turn(CancellationToken cancellation)
    {
        await turn.WaitAsync(cancellation);
        return new Release(turn);
    }

    private sealed class Release(SemaphoreSlim turn) : IDisposable
    {
        public void Dispose() => turn.Release();
    }
}

/// <summary>A kept move that cannot be read any more: its id, and what is wrong with it first.</summary>
public sealed record MoveToMend(string Id, string Reason);
