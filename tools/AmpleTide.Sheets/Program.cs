using System.Globalization;
using System.Runtime.InteropServices;
using System.Text;
using AmpleTide.Catalogue;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Formats;
using AmpleTide.Sheets;

// Writes contact sheets of all figures as HTML pages, forty-eight or more to a sheet, for the eye to judge.
// Usage: catalogue-folder output-folder [named|unnamed] [phases|options|views] [seed=NUMBER] [id-prefix,…]
// With views, each move whose score proposes another viewpoint stands beside what is proposed.
// Unnamed sheets are shuffled and numbered; what each number is stands in key.txt beside them.
var (folder, output) = (args[0], args[1]);
var named = !args.Contains("unnamed");
var eachPhase = args.Contains("phases");
var options = args.Contains("options");
var views = args.Contains("views");
var seed = args.Where(a => a.StartsWith("seed=", StringComparison.Ordinal))
    .Select(a => int.Parse(a[5..], CultureInfo.InvariantCulture))
    .FirstOrDefault(20261126);
var only = args.Skip(2)
    .FirstOrDefault(a =>
        a is not ("named" or "unnamed" or "phases" or "options" or "views") && !a.StartsWith("seed=", StringComparison.Ordinal)
    );
MoveCatalogue catalogue;
try
{
    catalogue = CatalogueReader.ReadFolder(folder, ShapeCache.Open(Path.Combine(output, "shapes.bin")));
}
catch (CatalogueException error)
{
    Console.Error.WriteLine(error.Message);
    return 1;
}

var figures = (views ? Proposals() : Catalogued()).ToList();
if (only is not null)
    figures = [.. figures.Where(f => only.Split(',').Any(id => f.Name.StartsWith(id, StringComparison.Ordinal)))];

Directory.CreateDirectory(output);
if (!named)
{
    // Neighbours in the catalogue would give each other away; the key stays out of sight until the sheets have been named.
    new Random(seed).Shuffle(CollectionsMarshal.AsSpan(figures));
    File.WriteAllLines(Path.Combine(output, "key.txt"), figures.Select((f, i) => $"{i + 1} {f.Name}"));
}

// Moves are as large as on their page, 212 × 160; where every phase is looked at, more of them stand on a sheet.
var (columns, rows, width, height) = eachPhase ? (12, 9, 131, 92) : (8, 6, 212, 160);
const int forName = 19;
foreach (var (sheet, index) in figures.Chunk(columns * rows).Select((s, i) => (s, i)))
{
    var html = new StringBuilder(
        $$"""
        <!doctype html><meta charset=utf-8><style>
        body { margin: 0; background: #fbf7ee; font: 12px/1.1 sans-serif }
        body { display: grid; grid-template-columns: repeat({{columns}}, 1fr); width: {{columns * width}}px }
        div { height: {{height + forName}}px; text-align: center; overflow: hidden }
        svg { width: {{width}}px; height: {{height}}px; display: block; margin: auto }
        </style>

        """
    );
    foreach (var (name, figure) in sheet)
    {
        var (left, top, across, up) = (figure.Box[0], figure.Box[1], figure.Box[2] - figure.Box[0], figure.Box[3] - figure.Box[1]);
        var below = named ? name : $"{figures.IndexOf((name, figure)) + 1}";
        html.AppendLine($"""<div><svg viewBox="{left} {top} {across} {up}">{SvgFigure.Parts(figure)}</svg>{below}</div>""");
    }
    File.WriteAllText(Path.Combine(output, $"sheet-{index + 1:00}.html"), html.ToString());
}
Console.WriteLine($"{figures.Count} figures on {(figures.Count + (columns * rows) - 1) / (columns * rows)} sheets");
return 0;

IEnumerable<(string Name, Figure Figure)> Catalogued()
{
    if (!options && named)
        foreach (var position in catalogue.Positions)
            yield return ($"[{position.Id}]", FigureDrawing.Draw(position.Base, position.View));
    foreach (var (move, form) in catalogue.Moves.SelectMany(m => catalogue.Forms(m).Select(f => (m, f))))
    {
        var isCard = form.Position.Id == move.In[0] && (options || form.Option == MoveForm.BaseOption);
        if (eachPhase)
            for (var i = 0; i < form.Phases.Length; i++)
                yield return ($"{move.Id} {form.Position.Id} {form.Option} {i + 1}", FigureDrawing.Picture(form, i));
        else if (isCard)
            yield return (
                form.Option == MoveForm.BaseOption ? move.Id : $"{move.Id}: {move.Options[form.Option].Cue}",
                FigureDrawing.Picture(form)
            );
    }
}

IEnumerable<(string Name, Figure Figure)> Proposals()
{
    const double plainlyBetter = .024;
    foreach (var form in catalogue.Moves.Where(m => m.Drawn.CloseUp is null).Select(m => catalogue.Forms(m).First()))
    {
        var score = new ViewScore(form);
        var (author, best) = (form.View, score.Best());
        if (score.Of(best) < score.Of(author) + plainlyBetter)
            continue;
        var seenSo = form with { Move = form.Move with { View = best } };
        yield return ($"{form.Move.Id} [{author.Around}, {author.Above}] {score.Of(author):0.000}", FigureDrawing.Picture(form));
        yield return ($"{form.Move.Id} [{best.Around}, {best.Above}] {score.Of(best):0.000}", FigureDrawing.Picture(seenSo));
    }
}
