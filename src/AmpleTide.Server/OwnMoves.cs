using AmpleTide.Catalogue;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Formats;
using AmpleTide.Server.Answers;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>The teacher's own moves as read, kept in step with the house.</summary>
internal sealed class OwnMoves(House house, ILogger<OwnMoves> log)
{
    private readonly Lock turn = new();
    private readonly Dictionary<string, MoveForm[]> all = [];
    private readonly SortedDictionary<string, string> unreadable = new(StringComparer.Ordinal);

    /// <summary>What is stored but cannot be read, by id, and why.</summary>
    public IReadOnlyList<MoveToMend> ToMend()
    {
        lock (turn) return [.. unreadable.Select(u => new MoveToMend(u.Key, u.Value))];
    }

    /// <summary>Reads what is stored. A move that a newer catalogue no longer allows stays stored and is left out until it is mended.</summary>
    public void Load(IReadOnlyList<OwnMove> stored)
    {
        foreach (var row in stored)
        {
            try
            {
                all[row.Id] = CatalogueReader.ReadOwn(row.Yaml, house.Catalogue);
            }
            catch (CatalogueException problem)
            {
                unreadable[row.Id] = problem.Problems[0].Reason.Replace($"{row.Id}: ", "", StringComparison.Ordinal);
                log.LogWarning("The own move {Id} cannot be read any more: {Problem}", row.Id, problem.Message);
            }
        }
        if (all.Count > 0) house.Use([.. all.Values]);
    }

    /// <summary>Takes a move in, or takes it in anew.</summary>
    public void Put(MoveForm[] forms)
    {
        lock (turn)
        {
            all[forms[0].Move.Id] = forms;
            unreadable.Remove(forms[0].Move.Id);
            house.Use([.. all.Values]);
        }
    }

    /// <summary>
    /// Reads the own moves that a class file brings along and adds them to the store; once that is saved, they are taken in. The class
    /// itself is kept without them: they are embedded anew when it is exported.
    /// </summary>
    /// <exception cref="UnusableException">A move cannot be read, is the catalogue's, or differs from one that is kept under its id.</exception>
    public Adopted Adopt(IReadOnlyList<EmbeddedMove> embedded, TideStore store, long now)
    {
        var taken = new List<MoveForm[]>();
        for (var i = 0; i < embedded.Count; i++)
        {
            var forms = Read(embedded[i].Yaml, $"/moves/{i}/yaml");
            var id = forms[0].Move.Id;
            var kept = store.Moves.AsNoTracking().FirstOrDefault(m => m.Id == id);
            if (kept?.Yaml == embedded[i].Yaml) continue;
            if (kept is not null || taken.Exists(t => t[0].Move.Id == id))
                throw new UnusableException(Refused, [new($"/moves/{i}/id", $"you have another move called '{id}'; give one of them another id")]);
            store.Add(new OwnMove { Id = id, Yaml = embedded[i].Yaml, SavedAt = now });
            taken.Add(forms);
        }
        return taken.Count == 0 ? new(house, () => { }) : new(house.With([.. all.Values, .. taken]), () => taken.ForEach(Put));
    }

    /// <summary>The own moves that a class uses, as a file takes them along.</summary>
    public static IReadOnlyList<EmbeddedMove> UsedBy(ClassPlan plan, TideStore store)
    {
        var used = plan.Lines.Select(l => l.Move).Distinct().ToList();
        return [.. store.Moves.AsNoTracking().Where(m => used.Contains(m.Id)).OrderBy(m => m.Id).Select(m => new EmbeddedMove(m.Id, m.Yaml))];
    }

    private MoveForm[] Read(string yaml, string pointer)
    {
        try
        {
            return CatalogueReader.ReadOwn(yaml, house.Catalogue);
        }
        catch (CatalogueException wrong)
        {
            throw new UnusableException(Refused, [.. wrong.Problems.Select(p => new Problem(pointer, $"line {p.Line}: {p.Reason}"))]);
        }
    }

    private const string Refused = "A move of the class cannot be kept.";

    /// <summary>Lets a move go.</summary>
    public void Remove(string id)
    {
        lock (turn)
        {
            all.Remove(id);
            unreadable.Remove(id);
            house.Use([.. all.Values]);
        }
    }
}

/// <summary>Own moves that came with a class.</summary>
/// <param name="House">The house as it is with them.</param>
/// <param name="TakeIn">Takes them in, when they are stored.</param>
internal sealed record Adopted(House House, Action TakeIn);
