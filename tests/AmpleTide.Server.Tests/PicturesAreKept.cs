using AmpleTide.Catalogue;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Server.Tests;

/// <summary>
/// Pictures of cards are drawn by the build; a file that does not fit is not read, and nobody notices but by the time it takes.
/// </summary>
public sealed class PicturesAreKept : IDisposable
{
    private static readonly Lazy<MoveCatalogue> Catalogue = new(() =>
    {
        // Shapes that the build has placed save half a minute.
        var built = Path.GetDirectoryName(Environment.GetEnvironmentVariable("AMPLE_TIDE_SERVER")) ?? AppContext.BaseDirectory;
        var folder = new[] { built, AppContext.BaseDirectory }.Select(d => Path.Combine(d, "catalogue")).First(Directory.Exists);
        return CatalogueReader.ReadFolder(folder, ShapeCache.Open(Path.Combine(built, "shapes.bin")));
    });

    private readonly string file = Path.Combine(Path.GetTempPath(), $"stills-{Guid.NewGuid():n}.json.br");

    public void Dispose() => File.Delete(file);

    [Fact]
    public void What_was_written_is_what_is_drawn()
    {
        Stills.Write(file, Catalogue.Value);
        Assert.InRange(new FileInfo(file).Length, 100_000, 3_000_000);
        AssertDrawn();
    }

    [Theory]
    [InlineData("")]
    [InlineData("no picture at all")]
    public void A_broken_file_is_no_reason_to_stop(string content)
    {
        File.WriteAllText(file, content);
        AssertDrawn();
    }

    [Fact]
    public void Without_a_file_pictures_are_drawn_when_they_are_asked_for() => AssertDrawn();

    private void AssertDrawn()
    {
        var (catalogue, form) = (Catalogue.Value, Form("warrior-two"));
        using var stills = new Stills(catalogue, file);
        var (asked, again) = (stills.Of(form, new(catalogue, "1")), stills.Of(form, new(catalogue, "1")));
        Assert.Equal(FigureDrawing.Picture(form).Paths, asked.Paths);
        Assert.Same(asked, again);
    }

    private static MoveForm Form(string id) =>
        Catalogue.Value.Form(Catalogue.Value.Move(id)!, Catalogue.Value.Position(Catalogue.Value.Move(id)!.In[0])!, MoveForm.BaseOption);
}
