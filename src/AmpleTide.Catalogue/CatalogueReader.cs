using System.Security.Cryptography;
using System.Text;
using System.Text.RegularExpressions;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Catalogue;

/// <summary>The text of one catalogue file.</summary>
/// <param name="Name">Its name below the catalogue's folder, with forward slashes.</param>
/// <param name="Text">What it holds.</param>
public sealed record CatalogueText(string Name, string Text);

/// <summary>Reads a catalogue: YAML files to placed positions, ways and moves.</summary>
public static partial class CatalogueReader
{
    /// <summary>Reads the files of a folder.</summary>
    /// <param name="folder">Holds <c>positions.yaml</c>, <c>ways.yaml</c>, <c>props.yaml</c>, <c>conditions.yaml</c>,
    /// <c>uses.yaml</c> and <c>moves/*.yaml</c>.</param>
    /// <param name="cache">Shapes that are placed already, or null to place all anew.</param>
    /// <exception cref="CatalogueException">Something in a file is wrong; says file, line and reason.</exception>
    public static MoveCatalogue ReadFolder(string folder, ShapeCache? cache = null)
    {
        if (!Directory.Exists(folder))
            throw new CatalogueException([new(folder, 1, "there is no such folder")]);
        var files = Directory
            .EnumerateFiles(folder, "*.yaml", SearchOption.AllDirectories)
            .Order(StringComparer.Ordinal)
            .Select(path => new CatalogueText(Path.GetRelativePath(folder, path).Replace('\\', '/'), File.ReadAllText(path)));
        return Read([.. files], cache);
    }

    /// <summary>Reads a catalogue from texts.</summary>
    /// <exception cref="CatalogueException">Something in a text is wrong; says file, line and reason.</exception>
    public static MoveCatalogue Read(IReadOnlyList<CatalogueText> texts, ShapeCache? cache = null)
    {
        Func<PlacementTask, Placed> place = cache is null ? Placement.Solve : cache.Place;
        // Parsing is most of the reading, and no file needs another for it.
        var files = texts.Select(t => new CatalogueFile(t.Name, t.Text)).ToList();
        Parallel.ForEach(files.OrderByDescending(f => f.Length), file => file.Parse());
        IEnumerable<Entry> EntriesOf(Func<string, bool> named) => files.Where(f => named(f.Name)).SelectMany(f => f.Entries);
        void Stop() => StopAt([.. files.SelectMany(f => f.Problems)]);

        var positions = Unique(EntriesOf(n => n == "positions.yaml"), e => ReadPosition(e, place), p => p.Id);
        var byId = positions.ToDictionary(p => p.Id);
        var ways = EntriesOf(n => n == "ways.yaml").Select(e => ReadWay(e, byId)).OfType<Way>().ToList();
        var props = Unique(EntriesOf(n => n == "props.yaml"), ReadProp, p => p.Id);
        var conditions = Unique(EntriesOf(n => n == "conditions.yaml"), ReadCondition, c => c.Id);
        var uses = Unique(EntriesOf(n => n == "uses.yaml"), e => ReadUse(e, byId), u => u.Id);
        var reading = new MoveReading(byId, props.Select(p => p.Id).ToHashSet(), conditions.Select(c => c.Id).ToHashSet());
        var entries = EntriesOf(n => n.StartsWith("moves/", StringComparison.Ordinal)).ToList();
        var moves = Unique(entries, reading.Read, m => m.Id);
        Stop();

        var forms = new MoveForm[moves.Count][];
        Parallel.For(0, moves.Count, i => forms[i] = Forms(moves[i], byId, place));
        for (var i = 0; i < moves.Count; i++)
            CheckForms(entries[i], forms[i]);
        Stop();
        return new(HashOf(texts), positions, ways, moves, forms.SelectMany(f => f), props, conditions) { Uses = uses };
    }

    /// <summary>Reads one move of a teacher's own, held to the same rules as the catalogue's.</summary>
    /// <param name="text">The move as catalogue files write it: a list of one entry.</param>
    /// <param name="catalogue">What it is added to; its moves cannot be overwritten.</param>
    /// <returns>The move in each position and option.</returns>
    /// <exception cref="CatalogueException">Something in the text is wrong; says line and reason.</exception>
    public static MoveForm[] ReadOwn(string text, MoveCatalogue catalogue)
    {
        var file = new CatalogueFile("own move", text);
        void Stop() => StopAt(file.Problems);
        file.Parse();
        Stop();
        var entries = file.Entries;
        if (entries.Count != 1)
            throw new CatalogueException([new("own move", 1, $"one move is needed, {entries.Count} are there")]);
        var positions = catalogue.Positions.ToDictionary(p => p.Id);
        var reading = new MoveReading(
            positions,
            catalogue.Props.Select(p => p.Id).ToHashSet(),
            catalogue.Conditions.Select(c => c.Id).ToHashSet()
        );
        var move = reading.Read(entries[0]) with { Own = true };
        if (!OwnId().IsMatch(move.Id))
            entries[0].Wrong("id", "lower-case letters, digits and hyphens are needed, 60 at most");
        if (catalogue.Move(move.Id) is { Own: false })
            entries[0].Wrong("id", $"'{move.Id}' is a move of the catalogue; a copy needs an id of its own");
        Stop();
        var forms = Forms(move, positions, Placement.Solve);
        CheckForms(entries[0], forms);
        Stop();
        return forms;
    }

    /// <summary>A move of the catalogue as its file writes it, or null.</summary>
    public static string? TextOf(string folder, string id)
    {
        foreach (var path in Directory.EnumerateFiles(Path.Combine(folder, "moves"), "*.yaml"))
        {
            var text = File.ReadAllText(path);
            var start = text.IndexOf($"- id: {id}\n", StringComparison.Ordinal);
            if (start < 0)
                continue;
            var end = text.IndexOf("\n- id: ", start, StringComparison.Ordinal);
            return (end < 0 ? text[start..] : text[start..end]).TrimEnd() + "\n";
        }
        return null;
    }

    [GeneratedRegex("^[a-z][a-z0-9-]{0,59}$")]
    private static partial Regex OwnId();

    private static MoveForm[] Forms(Move move, Dictionary<string, Position> positions, Func<PlacementTask, Placed> place) =>
        [
            .. from position in move.In
            from option in move.Options.Keys.Prepend(MoveForm.BaseOption)
            select Shaping.Form(move, positions[position], option, place),
        ];

    private static void CheckForms(Entry entry, MoveForm[] forms)
    {
        foreach (var form in forms)
        {
            for (var i = 0; i < form.Phases.Length; i++)
            {
                if (form.Phases[i].Residual > Placement.MostResidual)
                    entry.Wrong(
                        "phases",
                        $"in {form.Position.Id}, {form.Option}, phase {i + 1}: {form.Phases[i].Worst} is "
                            + $"{form.Phases[i].Residual * 170:0.0} cm off"
                    );
            }
        }
    }

    private static void StopAt(IReadOnlyList<CatalogueProblem> problems)
    {
        if (problems.Count > 0)
            throw new CatalogueException([.. problems.OrderBy(p => p.File, StringComparer.Ordinal).ThenBy(p => p.Line)]);
    }

    private static List<T> Unique<T>(IEnumerable<Entry> entries, Func<Entry, T> read, Func<T, string> id)
    {
        var seen = new HashSet<string>();
        var all = new List<T>();
        foreach (var entry in entries)
        {
            var item = read(entry);
            if (!seen.Add(id(item)))
                entry.Wrong("id", $"'{id(item)}' is there twice");
            all.Add(item);
        }
        return all;
    }

    private static Position ReadPosition(Entry entry, Func<PlacementTask, Placed> place)
    {
        entry.Called = entry.Text("id");
        var allowed = ShapeReading.ReadAllowed(entry);
        var angles = ShapeReading.ReadAngles(entry, "shape", allowed);
        var near = ShapeReading.ReadAngles(entry, "near", allowed);
        var contacts = ShapeReading
            .ReadContacts(entry)
            .SelectMany(c => Contacts.Marks(c.Key).Select(mark => new Contact(mark, Support.Find(c.Value)!)))
            .ToList();
        var touches = ShapeReading.ReadTouches(entry).Values.OfType<Touch>().ToList();
        if (contacts.Count == 0)
            entry.Wrong("contacts", "a position rests on something");
        var from = new Vector(0, entry.Number("pelvisHeight", 0.3, 0, 1), 0);
        var placed = place(new(Angles.Zero.With(near).With(angles), from, angles.Keys.ToHashSet(), contacts, touches, allowed));
        if (placed.Residual > Placement.MostResidual)
            entry.Wrong("shape", $"{placed.Worst} is {placed.Residual * 170:0.0} cm off");
        var facts = Facts.Of(placed.Shape, placed.Shape.Angles);
        var (family, level) = (entry.Word<Family>("family"), entry.Word<PelvisLevel>("level"));
        var position = new Position
        {
            Id = entry.Called,
            Name = entry.Text("name"),
            Family = family,
            Level = level,
            Base = placed.Shape,
            Facts = facts,
            Allowed = allowed,
            View = ShapeReading.ReadView(entry) ?? new(25, 7),
            Props = entry.Texts("props"),
            Helpful = entry.Texts("helpful"),
            Demands = Position.DemandsOf(family, level, placed.Shape, facts),
            Plain = entry.Flag("plain"),
            LegsCrossed = entry.Flag("legsCrossed"),
        };
        entry.Done();
        return position;
    }

    private static Way? ReadWay(Entry entry, Dictionary<string, Position> positions)
    {
        var (from, to) = (entry.Text("from"), entry.Text("to"));
        entry.Called = $"{from} to {to}";
        foreach (var (field, id) in new[] { ("from", from), ("to", to) })
            if (!positions.ContainsKey(id))
                entry.Wrong(field, $"there is no position '{id}'");
        var steps = entry
            .Entries("steps")
            .Select(step =>
            {
                var read = new WayStep(step.Word<Breath>("breath"), step.Text("say"));
                if (Words.HasBareSide(read.Say))
                    step.Wrong("say", "names a side outright; write {right} or {left}");
                step.Done();
                return read;
            })
            .ToList();
        if (steps.Count == 0)
            entry.Wrong("steps", "at least one is needed");
        var seconds = entry.Integers("seconds");
        if (seconds.Count != 3 || seconds.Any(s => s is < 1 or > 300))
            entry.Wrong("seconds", "gentle, usual and brisk are needed, as in [20, 14, 10]");
        var demands = ReadDemands(entry, "demands");
        var cautions = entry.Texts("cautions");
        var school = entry.Words("school");
        entry.Done();
        return positions.TryGetValue(from, out var start) && positions.TryGetValue(to, out var end) && seconds.Count == 3
            ? new(start, end, steps, new(seconds[0], seconds[1], seconds[2]), demands, cautions) { School = school }
            : null;
    }

    private static Demands ReadDemands(Entry entry, string field) =>
        entry.EachWord<Demands>(field).Aggregate(Demands.None, (all, demand) => all | demand);

    private static Prop ReadProp(Entry entry)
    {
        entry.Called = entry.Text("id");
        var prop = new Prop(
            entry.Called,
            entry.Text("name"),
            entry.Text("plural"),
            entry.Text("note"),
            entry.Texts("standIns"),
            entry.Flag("alwaysThere")
        );
        entry.Done();
        return prop;
    }

    private static Condition ReadCondition(Entry entry)
    {
        entry.Called = entry.Text("id");
        var suits = new Dictionary<Purpose, IReadOnlyList<string>>();
        if (entry.Inner("suits") is { } all)
            foreach (var name in all.Fields().ToList())
            {
                if (Enum.TryParse<Purpose>(name, true, out var purpose))
                    suits[purpose] = all.Texts(name);
                else
                    all.Wrong(name, $"is not one of {string.Join(", ", Enum.GetNames<Purpose>().Select(Entry.Hyphenated))}");
            }
        var condition = new Condition(entry.Called, entry.Text("name"), entry.Text("leaveOut"), entry.Text("offer"))
        {
            Dose = entry.OptionalText("dose"),
            HasSide = entry.Flag("hasSide"),
            SettlesAfterWeeks = (int?)entry.OptionalNumber("settlesAfterWeeks", 1, 520),
            Bars = ReadDemands(entry, "bars"),
            Suits = suits,
        };
        entry.Done();
        return condition;
    }

    private static Use ReadUse(Entry entry, Dictionary<string, Position> positions)
    {
        entry.Called = entry.Text("id");
        foreach (var id in entry.Texts("in").Where(id => !positions.ContainsKey(id)))
            entry.Wrong("in", $"there is no position '{id}'");
        var use = new Use(entry.Called, entry.Text("name"), entry.Texts("words"))
        {
            Areas = entry.EachWord<Area>("areas"),
            In = entry.Texts("in"),
            Families = entry.EachWord<Family>("families"),
            Kinds = entry.EachWord<MoveKind>("kinds"),
            MostEffort = entry.OptionalNumber("effort", 1, 12),
            Moves = entry.Texts("moves"),
        };
        entry.Done();
        return use;
    }

    private static string HashOf(IEnumerable<CatalogueText> texts)
    {
        var all = string.Join('\0', texts.Select(t => t.Name + '\0' + t.Text));
        return Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(all)))[..16];
    }
}
