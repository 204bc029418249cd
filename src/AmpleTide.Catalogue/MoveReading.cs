using System.Text.RegularExpressions;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using Range = AmpleTide.Core.Body.Range;

namespace AmpleTide.Catalogue;

/// <summary>Reads moves as their authors write them.</summary>
internal sealed partial class MoveReading(
    IReadOnlyDictionary<string, Position> positions,
    IReadOnlySet<string> props,
    IReadOnlySet<string> conditions
)
{
    private const int MostPhases = 24;
    private const int MostCautions = 12;
    private const int MostCharacters = 600;
    private const int MostName = 80;
    private const int MostNames = 24;

    // What makes sense at all, with room to spare. Beats in seconds, effort in METs, counts and share of a breath, planes in degrees.
    private const double LeastBeat = 0.2;
    private const double MostBeat = 10;
    private const double LeastUnit = 0.5;
    private const double MostUnit = 60;
    private const double LeastEffort = 0.9;
    private const double MostEffort = 12;
    private const double LeastShare = 0.05;
    private const double MostShare = 4;
    private const double LeastCounts = 0.25;
    private const double MostCounts = 60;
    private const double MostTurn = 180;
    private static readonly Range[] Detours = [.. Enumerable.Repeat(new Range(-60, 60), Axes.Count)];

    // As much as a line of a class may have.
    private static readonly OrderedDictionary<string, int> MostOf = new()
    {
        ["breaths"] = 200,
        ["rounds"] = 200,
        ["beats"] = 500,
        ["seconds"] = 3600,
    };

    // What a move is like where the author says nothing.
    private static readonly Dictionary<MoveKind, string> UsuallyLike = new()
    {
        [MoveKind.Hold] = "stretching-mild",
        [MoveKind.Flow] = "yoga-hatha",
        [MoveKind.Rhythm] = "yoga-hatha",
        [MoveKind.Breathing] = "tai-chi-seated",
        [MoveKind.Balance] = "yoga-hatha",
        [MoveKind.CheckIn] = "sitting-quietly",
        [MoveKind.Rest] = "lying-quietly",
    };

    private static readonly Dictionary<MoveKind, Pattern> UsualStay = new()
    {
        [MoveKind.Hold] = Pattern.Holding,
        [MoveKind.Flow] = Pattern.Moving,
        [MoveKind.Rhythm] = Pattern.Moving,
        [MoveKind.Breathing] = Pattern.Resting,
        [MoveKind.Balance] = Pattern.Effort,
        [MoveKind.CheckIn] = Pattern.Resting,
        [MoveKind.Rest] = Pattern.Resting,
    };

    public Move Read(Entry entry)
    {
        var id = entry.Text("id");
        entry.Called = id.Length > 0 ? id : entry.Called;
        var kind = entry.Word<MoveKind>("kind");
        var sides = entry.Word("sides", (Sidedness?)Sidedness.None);
        var allowed = AllowedIn(entry);
        var phases = entry.Entries("phases").Select(p => ReadPhase(p, kind, allowed)).ToList();
        if (phases.Count is 0 or > MostPhases)
            entry.Wrong("phases", $"from 1 to {MostPhases} are needed");
        var rightNames = entry.OptionalText("right");
        if (sides is not (Sidedness.None or Sidedness.Circling) && rightNames is null)
            entry.Wrong("right", "say what right names");
        var (drawn, picture) = DrawnReading.ReadDrawn(entry, phases);
        var (effort, like) = ReadEffort(entry, kind);
        var move = new Move
        {
            Id = id,
            Name = Short(entry, "name", entry.Text("name")),
            Traditional = entry.OptionalText("traditional") is { } traditional ? Short(entry, "traditional", traditional) : null,
            Names = ReadNames(entry),
            Kind = kind,
            In = [.. entry.Texts("in").Distinct()],
            Out = entry.OptionalText("out"),
            Sides = sides,
            RightNames = rightNames,
            Circle = entry.Word("circle", (Circle?)Circle.Clockwise),
            Second = entry.Word("second", (Second?)Second.Mirror),
            Dose = ReadDose(entry),
            BeatSeconds = entry.Number("beatSeconds", 1, LeastBeat, MostBeat),
            UnitSeconds = entry.OptionalNumber("round", LeastUnit, MostUnit),
            LegsCarryAnew = entry.Flag("legsCarryAnew"),
            Talk = ReadTalk(entry.Inner("talk"), entry, sides),
            TalkBy = ReadTalkBy(entry, sides),
            Phases = phases,
            Options = ReadOptions(entry, allowed, phases.Count),
            Cautions = ReadCautions(entry),
            Asks = ReadAsks(entry),
            Instead = entry.Texts("instead"),
            Props = ReadProps(entry, "props"),
            Helpful = ReadProps(entry, "helpful"),
            AlsoEases = entry.EachWord<Area>("alsoEases"),
            EasesNot = entry.EachWord<Area>("easesNot"),
            Counters = entry.Has("counters") ? entry.Texts("counters") : null,
            OnAChair = entry.OptionalText("onAChair"),
            School = ReadSchool(entry),
            OptionBy = ReadOptionBy(entry),
            Felt = ReadFelt(entry),
            Hidden = entry.Has("hidden") ? entry.Text("hidden") : null,
            Watch = ReadWatch(entry),
            OptIn = entry.Flag("optIn"),
            Effort = effort,
            Like = like,
            View = ShapeReading.ReadView(entry),
            Drawn = drawn,
            Picture = picture,
        };
        if (move.Out is { } end && !positions.ContainsKey(end))
            entry.Wrong("out", $"there is no position '{end}'");
        entry.Done();
        return move;
    }

    // The name of an activity it is like, or METs by eye.
    private static (double Mets, Activity? Like) ReadEffort(Entry entry, MoveKind kind)
    {
        var written = entry.OptionalText("effort") ?? UsuallyLike[kind];
        if (Activities.Find(written) is { } like)
            return (like.Mets, like);
        if (written.Length > 0 && char.IsLetter(written[0]))
            entry.Wrong("effort", $"'{written}' is not one of {string.Join(", ", Activities.All.Select(a => a.Id))}, nor METs");
        else
            return (entry.Number("effort", LeastEffort, LeastEffort, MostEffort), null);
        return (LeastEffort, null);
    }

    // The widest range any of the move's positions allows; placement holds each position to its own.
    private Range[] AllowedIn(Entry entry)
    {
        var known = new List<Position>();
        foreach (var id in entry.Texts("in"))
        {
            if (positions.TryGetValue(id, out var position))
                known.Add(position);
            else
                entry.Wrong("in", $"there is no position '{id}'");
        }
        if (known.Count == 0 && entry.Texts("in").Count == 0)
            entry.Wrong("in", "is missing");
        if (known.Distinct().Count() < known.Count)
            entry.Wrong("in", "names a position twice");
        return
        [
            .. Enum.GetValues<Axis>()
                .Select(axis => new Range(
                    known.Select(p => p.Allowed[(int)axis].Least).Append(Axes.Allowed(axis).Least).Min(),
                    known.Select(p => p.Allowed[(int)axis].Most).Append(Axes.Allowed(axis).Most).Max()
                )),
        ];
    }

    private Phase ReadPhase(Entry entry, MoveKind kind, Range[] allowed)
    {
        var breath = entry.Word<Breath>("breath");
        var at = new Dictionary<string, ShapeChange>();
        if (entry.Inner("at") is { } places)
        {
            foreach (var id in places.Fields().ToList())
            {
                if (!positions.TryGetValue(id, out var position))
                    places.Wrong(id, "there is no such position");
                else if (places.Inner(id) is { } here)
                {
                    at[id] = ShapeReading.ReadChange(here, position.Allowed);
                    here.Done();
                }
            }
        }
        var phase = new Phase
        {
            Breath = breath,
            Pattern = entry.Word(
                "pattern",
                (Pattern?)(breath == Breath.Stay || kind is MoveKind.Breathing ? UsualStay[kind] : Pattern.Moving)
            ),
            Share = entry.Number("share", 1, LeastShare, MostShare),
            Counts = entry.OptionalNumber("counts", LeastCounts, MostCounts),
            Change = ShapeReading.ReadChange(entry, allowed),
            At = at,
            Work = entry.Word("work", (Work?)Work.Active),
            Cue = ReadCue(entry),
            By = ReadOtherwise(entry),
            Opens = ReadStates(entry, "opens"),
            Closes = ReadStates(entry, "closes"),
            Passage = new(entry.OptionalNumber("armsBy", -MostTurn, MostTurn), ShapeReading.ReadAngles(entry, "detour", Detours)),
            Look = new(entry.Word("face", (Face?)Face.Calm), entry.Word("hands", (Hands?)Hands.Easy)),
            Signs = DrawnReading.ReadSigns(entry),
        };
        entry.Done();
        return phase;
    }

    private static IReadOnlyList<string> ReadNames(Entry entry)
    {
        var names = entry.Texts("names");
        if (names.Count > MostNames)
            entry.Wrong("names", $"has {names.Count}, {MostNames} at most");
        foreach (var name in names.Where(n => n.Length is 0 or > MostName))
            entry.Wrong("names", $"'{name}' is empty or longer than {MostName} characters");
        return names;
    }

    private IReadOnlyList<string> ReadProps(Entry entry, string field)
    {
        var named = entry.Texts(field);
        foreach (var id in named.Where(id => !props.Contains(id)))
            entry.Wrong(field, $"there is no prop '{id}'");
        return named;
    }

    // Matter and way of a convention, as in { neckCircle: full }.
    private static IReadOnlyDictionary<string, string> ReadSchool(Entry entry)
    {
        var school = entry.Words("school");
        foreach (var (matter, way) in school)
        {
            if (Conventions.Find(matter) is not { } convention)
                entry.Wrong("school", $"'{matter}' is not one of {string.Join(", ", Conventions.All.Select(c => c.Id))}");
            else if (convention.Ways.All(w => w.Id != way))
                entry.Wrong("school", $"{matter} is '{way}', one of {string.Join(", ", convention.Ways.Select(w => w.Id))} is needed");
        }
        return school;
    }

    // What is opened is told by a word of the author's; the house knows what closes it by the same word.
    private static IReadOnlyList<string> ReadStates(Entry entry, string field)
    {
        var states = entry.Texts(field);
        foreach (var state in states.Where(s => !StateWord().IsMatch(s)))
            entry.Wrong(field, $"'{state}' is not a word in lower-case letters and hyphens, 40 at most");
        return states;
    }

    private static string Short(Entry entry, string field, string text)
    {
        if (text.Length > MostName)
            entry.Wrong(field, $"is longer than {MostName} characters");
        return text;
    }

    [GeneratedRegex("^[a-z][a-z-]{0,39}$")]
    private static partial Regex StateWord();

    private static DoseRange ReadDose(Entry entry)
    {
        if (entry.Inner("dose") is not { } dose)
        {
            entry.Wrong("dose", "is missing");
            return new(Unit.Breaths, 1, 1, 1);
        }
        var fields = dose.Fields().ToList();
        if (fields.Count != 1 || !MostOf.TryGetValue(fields[0], out var limit))
        {
            entry.Wrong("dose", $"one of {string.Join(", ", MostOf.Keys)} is needed, as in {{ breaths: [2, 3, 6] }}");
            return new(Unit.Breaths, 1, 1, 1);
        }
        var unit = Enum.Parse<Unit>(fields[0], true);
        var amounts = dose.Integers(fields[0]);
        if (amounts.Count == 3 && amounts[0] >= 1 && amounts[0] <= amounts[1] && amounts[1] <= amounts[2] && amounts[2] <= limit)
            return new(unit, amounts[0], amounts[1], amounts[2]);
        dose.Wrong(fields[0], $"least, usual and most are needed, from 1 to {limit}, as in [2, 3, 6]");
        return new(unit, 1, 1, 1);
    }

    private static Dictionary<string, MoveOption> ReadOptions(Entry entry, Range[] allowed, int phases)
    {
        var options = new Dictionary<string, MoveOption>();
        if (entry.Inner("options") is { } all)
        {
            foreach (var name in all.Fields().ToList())
            {
                if (name is not ("easier" or "deeper"))
                    all.Wrong(name, "is not one of easier, deeper");
                if (all.Inner(name) is not { } option)
                    continue;
                var at = option.Integers("phases");
                if (at.Any(i => i < 1 || i > phases))
                    option.Wrong("phases", $"go from 1 to {phases}");
                options[name] = new(
                    Spoken(option, "cue"),
                    ShapeReading.ReadChange(option, allowed),
                    at.Count == 0 ? null : [.. at.Select(i => i - 1)],
                    option.Has("face") ? option.Word<Face>("face") : null,
                    option.Has("hands") ? option.Word<Hands>("hands") : null,
                    option.Has("signs") ? DrawnReading.ReadSigns(option) : null,
                    option.Has("strap") ? DrawnReading.ReadLandmarks(option, "strap") : null
                )
                {
                    Asks = ReadAsks(option),
                };
                option.Done();
            }
        }
        if (!options.ContainsKey("easier"))
            entry.Wrong("options", "an easier one is needed");
        return options;
    }
}
