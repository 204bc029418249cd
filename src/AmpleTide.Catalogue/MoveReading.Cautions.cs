using AmpleTide.Core.Catalogue;

namespace AmpleTide.Catalogue;

/// <summary>Whom a move may harm: what is said to them, and what it asks of a body as its author judges it.</summary>
internal sealed partial class MoveReading
{
    // A caution may name a side of its own (in pregnancy, the left): it is not said for the side that is being done. One that names whom
    // it concerns says what is advised to them, so that text and judgement cannot disagree.
    private List<Caution> ReadCautions(Entry entry)
    {
        var cautions = entry.TextsOrEntries("cautions", "say");
        if (cautions.Count is 0 or > MostCautions)
            entry.Wrong("cautions", $"from 1 to {MostCautions} are needed");
        return [.. cautions.Select(caution => ReadCaution(entry, caution))];
    }

    private Caution ReadCaution(Entry move, Entry caution)
    {
        if (!caution.Has("say"))
        {
            caution.Wrong("say", "a text is missing; one with a colon in it stands in quotes");
            return new("");
        }
        var read = new Caution(caution.Text("say"))
        {
            For = caution.Texts("for"),
            Advice = caution.Word("advice", (Advice?)Advice.Fine),
            Option = caution.OptionalText("option"),
            Position = caution.OptionalText("position"),
            Because = caution.OptionalText("because"),
        };
        if (read.Say.Length > MostCharacters || read.Because?.Length > MostCharacters)
            caution.Wrong("say", $"is longer than {MostCharacters} characters");
        foreach (var unknown in read.For.Where(c => !conditions.Contains(c)))
            caution.Wrong("for", $"there is no condition '{unknown}'");
        if (read.For.Count > 0 && !caution.Has("advice"))
            caution.Wrong("advice", "what is advised to them? fine, smaller, another-way or leave-out");
        if (read.For.Count == 0 && caution.Has("advice"))
            caution.Wrong("for", "whom does it concern?");
        if (read.Advice == Advice.AnotherWay && read.Option is null && read.Position is null)
            caution.Wrong("advice", "another way names an option or a position");
        if (read.For.Count > 0 && read.Advice == Advice.Fine && read.Because is null)
            caution.Wrong("because", "a milder word than the shapes' needs a reason");
        if (read.Position is { } position && !move.Texts("in").Contains(position))
            caution.Wrong("position", $"it is not taken in '{position}'");
        if (read.Option is { } option && move.Inner("options")?.Has(option) != true)
            caution.Wrong("option", $"it has no option '{option}'");
        caution.Done();
        return read;
    }

    // strain: grade, or strain: { grade: reason } where the grade is less than shapes and kind have it.
    private static Dictionary<Strain, AuthorsGrade> ReadAsks(Entry entry)
    {
        var asks = new Dictionary<Strain, AuthorsGrade>();
        if (entry.Inner("asks") is not { } all)
            return asks;
        foreach (var name in all.Fields().ToList())
        {
            if (!Enum.TryParse<Strain>(name.Replace("-", "", StringComparison.Ordinal), true, out var strain) || int.TryParse(name, out _))
                all.Wrong(name, "is not something a move can ask");
            else
                asks[strain] = ReadGrade(all, name);
        }
        return asks;
    }

    private static AuthorsGrade ReadGrade(Entry asks, string name)
    {
        if (!asks.IsMap(name))
            return new(asks.Word<Grade>(name), null);
        var reasons = asks.Words(name);
        if (reasons.Count == 1 && Enum.TryParse<Grade>(reasons.Keys.First(), true, out var grade))
            return new(grade, reasons.Values.First());
        asks.Wrong(name, "a grade and its reason are needed, as in { none: the arms hang }");
        return new(Grade.None, null);
    }
}
