using System.Text.RegularExpressions;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Notebook;

/// <summary>What a line says beside its name, dose and sides: option, named position, eyes, breaths at each end, going on.</summary>
/// <param name="Rest">The words without it.</param>
/// <param name="Option">The option.</param>
/// <param name="Position">The name of a position, as "in Tall kneeling", or null.</param>
/// <param name="PerEnd">Breaths at each end.</param>
/// <param name="Eyes">Open or shut, or null.</param>
/// <param name="GoesOn">Whether it goes on from the line before.</param>
internal sealed partial record LineDetails(string Rest, string Option, string? Position, int PerEnd, Classes.Eyes? Eyes, bool GoesOn)
{
    private const int MostPerEnd = 10;

    /// <summary>Finds them in a line.</summary>
    /// <param name="text">The line, in lower case.</param>
    public static LineDetails In(string text)
    {
        var (option, position, perEnd, goesOn) = (MoveForm.BaseOption, (string?)null, 0, false);
        Classes.Eyes? eyes = null;
        text = Ends().Replace(text, match => Take(() => perEnd = Math.Min(MostPerEnd, int.Parse(match.Groups[1].Value))));
        text = EyesWords()
            .Replace(text, match => Take(() => eyes = match.Groups[1].Value == "open" ? Classes.Eyes.Open : Classes.Eyes.Shut));
        text = GoingOn().Replace(text, _ => Take(() => goesOn = true));
        text = Placed().Replace(text, match => Take(() => position = match.Groups[1].Value.Trim()));
        text = Options().Replace(text, match => Take(() => option = match.Groups[1].Value[0] == 'e' ? MoveForm.EasierOption : "deeper"));
        return new(text, option, position, perEnd, eyes, goesOn);

        static string Take(Action take)
        {
            take();
            return " ";
        }
    }

    [GeneratedRegex(@",?\s*\b(\d{1,2}) breaths? at each end\b")]
    private static partial Regex Ends();

    [GeneratedRegex(@",\s*eyes (open|shut)\b")]
    private static partial Regex EyesWords();

    [GeneratedRegex(@",\s*goes on\b")]
    private static partial Regex GoingOn();

    // As the text of a class writes it: after a comma, in brackets.
    [GeneratedRegex(@",\s*\[([^\]]+)\]")]
    private static partial Regex Placed();

    [GeneratedRegex(@"(?:,\s*|\()(easier|deeper)(?: (?:option|version))?\)?")]
    private static partial Regex Options();
}
