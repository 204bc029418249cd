using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using System.Xml;
using Ical.Net;
using Microsoft.VisualBasic.FileIO;

namespace AmpleTide.Server.Tests;

/// <summary>Formats in and out of the server, and readers of others that agree with ours.</summary>
public class FilesInAndOut(RunningServer server) : IClassFixture<RunningServer>
{
    private const int Broken = 300;
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(2);
    private const string Dated = "ics-dated";

    [Theory]
    [InlineData("text")]
    [InlineData("markdown")]
    [InlineData("csv")]
    [InlineData("tide")]
    public async Task What_is_exported_is_opened_again(string format)
    {
        var (bytes, name) = await Exported("low-water-shoulders", format);
        var opened = await Opened(bytes, name);
        var before = Lines(JsonNode.Parse((await Exported("low-water-shoulders", "tide")).Bytes)!);
        Assert.Equal(before, Lines(opened["class"]!));
    }

    /// <summary>Microsoft.VisualBasic's TextFieldParser, a CSV reader of another house.</summary>
    [Theory]
    [InlineData("csv")]
    [InlineData("events-csv")]
    public async Task Another_reader_of_tables_sees_the_same_cells(string format)
    {
        var (bytes, _) = await Exported("low-water-shoulders", format);
        using var parser = new TextFieldParser(new MemoryStream(bytes), Encoding.UTF8) { TextFieldType = FieldType.Delimited };
        parser.SetDelimiters(",");
        var heads = parser.ReadFields()!;
        var rows = 0;
        while (!parser.EndOfData)
        {
            Assert.Equal(heads.Length, parser.ReadFields()!.Length);
            rows++;
        }
        Assert.True(rows > 20);
    }

    [Fact]
    public async Task The_tide_line_is_a_picture_as_XML_has_it()
    {
        var document = new XmlDocument();
        document.LoadXml(Encoding.UTF8.GetString((await Exported("low-water-shoulders", "svg")).Bytes));
        Assert.Equal("svg", document.DocumentElement!.LocalName);
    }

    /// <summary>Ical.Net reads what Ical.Net wrote; ical.js does so, too, in the browser's tests.</summary>
    [Fact]
    public async Task A_class_with_a_date_goes_into_a_calendar()
    {
        var plan = JsonNode.Parse("""{ "title": "Dated", "minutes": 40, "sections": [ { "items": [ { "move": "cat-cow" } ] } ] }""")!;
        plan["id"] = Dated;
        Assert.Equal(
            HttpStatusCode.Created,
            (await server.Http.PostAsJsonAsync("/api/classes", plan, TestContext.Current.CancellationToken)).StatusCode
        );
        var refused = await server.Http.GetAsync($"/api/classes/{Dated}/export?as=ics", TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.Contains(
            "/series/date",
            await refused.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );

        plan["series"] = new JsonObject
        {
            ["date"] = "2026-12-03",
            ["start"] = "18:30",
            ["zone"] = "Europe/Lisbon",
        };
        using var put = new HttpRequestMessage(HttpMethod.Put, $"/api/classes/{Dated}") { Content = JsonContent.Create(plan) };
        put.Headers.TryAddWithoutValidation("If-Match", "*");
        Assert.True((await server.Http.SendAsync(put, TestContext.Current.CancellationToken)).IsSuccessStatusCode);
        var read = Calendar.Load(Encoding.UTF8.GetString((await Exported(Dated, "ics")).Bytes))!;
        var evening = Assert.Single(read.Events);
        Assert.Equal("Dated", evening.Summary);
        Assert.Equal(new DateTime(2026, 12, 3, 18, 30, 0, DateTimeKind.Utc), evening.Start!.AsUtc);
        Assert.Equal(40, evening.Duration!.Value.ToTimeSpanUnspecified().TotalMinutes);
    }

    [Theory]
    [InlineData("tide", ".tide.json")]
    [InlineData("text", ".txt")]
    [InlineData("markdown", ".md")]
    [InlineData("csv", ".csv")]
    public async Task Broken_files_are_told_and_break_nothing(string format, string extension)
    {
        var (whole, _) = await Exported("low-water-shoulders", format);
        var random = new Random(17);
        for (var i = 0; i < Broken; i++)
        {
            var broken = Break(whole, random);
            var watch = Stopwatch.StartNew();
            using var content = new ByteArrayContent(broken);
            var answer = await server.Http.PostAsync($"/api/open?name=x{extension}", content, TestContext.Current.CancellationToken);
            Assert.True(watch.Elapsed < Patience, $"{format} {i}: {watch.Elapsed}");
            Assert.True(
                answer.StatusCode is HttpStatusCode.OK or HttpStatusCode.UnprocessableEntity or HttpStatusCode.BadRequest,
                $"{format} {i}: {answer.StatusCode}"
            );
        }
    }

    [Theory]
    [InlineData(new byte[] { 0xC3, 0x28 })]
    [InlineData(new byte[] { (byte)'\\', (byte)'u', (byte)'d', (byte)'8', (byte)'0', (byte)'0' })]
    public async Task A_class_file_whose_text_is_no_text_is_refused(byte[] piece)
    {
        var (whole, _) = await Exported("low-water-shoulders", "tide");
        var at = whole.AsSpan().IndexOf("Welcome"u8);
        using var content = new ByteArrayContent([.. whole[..at], .. piece, .. whole[at..]]);
        var answer = await server.Http.PostAsync("/api/open?name=x.tide.json", content, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
    }

    [Fact]
    public async Task A_file_of_no_known_kind_is_refused_by_its_name()
    {
        using var content = new ByteArrayContent([1, 2, 3]);
        var answer = await server.Http.PostAsync("/api/open?name=plan.pdf", content, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(
            ".tide.json",
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_plan_in_plain_words_says_what_was_understood()
    {
        var answer = await server.Http.PostAsJsonAsync(
            "/api/read-text",
            new { text = "Warm:\nCat cow x5\nthread needle R+L 3 br\nstand up\nblah blubb" },
            TestContext.Current.CancellationToken
        );
        var read = (await answer.Content.ReadFromJsonAsync<JsonNode>(TestContext.Current.CancellationToken))!;
        Assert.Equal(["section", "line", "line", "way", "unknown"], read["lines"]!.AsArray().Select(l => l!["kind"]!.GetValue<string>()));
        Assert.Equal(5, read["lines"]![1]!["dose"]!["amount"]!.GetValue<int>());
        Assert.Equal("right-left", read["lines"]![2]!["sides"]!.GetValue<string>());
        Assert.False(read["lines"]![4]!["sure"]!.GetValue<bool>());
        var score = await server.Http.PostAsJsonAsync("/api/score", read["class"], TestContext.Current.CancellationToken);
        Assert.True(score.IsSuccessStatusCode);
    }

    // Cut off, bytes changed, pieces doubled or swapped: what happens to files.
    private static byte[] Break(byte[] whole, Random random)
    {
        var bytes = whole.ToList();
        for (var n = random.Next(1, 6); n > 0 && bytes.Count > 1; n--)
        {
            var at = random.Next(bytes.Count);
            switch (random.Next(5))
            {
                case 0:
                    bytes.RemoveRange(at, bytes.Count - at);
                    break;
                case 1:
                    bytes[at] = (byte)random.Next(256);
                    break;
                case 2:
                    bytes.InsertRange(at, bytes.GetRange(at, Math.Min(500, bytes.Count - at)));
                    break;
                case 3:
                    bytes.RemoveRange(at, Math.Min(random.Next(1, 40), bytes.Count - at));
                    break;
                default:
                    bytes.InsertRange(at, Encoding.UTF8.GetBytes("\",;\n\r:=+@x5 R+L 99999999999 {[\0"));
                    break;
            }
        }
        return [.. bytes];
    }

    private async Task<(byte[] Bytes, string Name)> Exported(string id, string format)
    {
        var answer = await server.Http.GetAsync($"/api/classes/{id}/export?as={format}", TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return (
            await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken),
            answer.Content.Headers.ContentDisposition!.FileNameStar ?? answer.Content.Headers.ContentDisposition.FileName!
        );
    }

    private async Task<JsonNode> Opened(byte[] bytes, string name)
    {
        using var content = new ByteArrayContent(bytes);
        var answer = await server.Http.PostAsync(
            $"/api/open?name={Uri.EscapeDataString(name)}",
            content,
            TestContext.Current.CancellationToken
        );
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return (await answer.Content.ReadFromJsonAsync<JsonNode>(TestContext.Current.CancellationToken))!;
    }

    private static IEnumerable<string> Lines(JsonNode plan) =>
        plan["sections"]!
            .AsArray()
            .SelectMany(s => s!["items"]!.AsArray())
            .SelectMany(Flat)
            .Select(l =>
                $"{l["move"]} {l["breaths"]} {l["rounds"]} {l["seconds"]} {l["beats"]} {l["sides"]} {l["position"]} {l["option"]} {l["talk"]}"
            );

    private static IEnumerable<JsonNode> Flat(JsonNode? item) =>
        item!["set"] is { } set ? set["items"]!.AsArray().SelectMany(Flat) : [item];
}
