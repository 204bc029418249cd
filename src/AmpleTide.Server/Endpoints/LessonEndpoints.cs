using AmpleTide.Core.Rehearsal;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Teaching;
using AmpleTide.Fitting;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AmpleTide.Server.Endpoints;

/// <summary>What a class is taught from, who teaches it, and what of it goes home.</summary>
internal static class LessonEndpoints
{
    private const int LongestSession = 80;
    private const int MostMs = 24 * 60 * 60 * 1000;

    public static void MapLessons(this IEndpointRouteBuilder api)
    {
        api.MapPost("/lesson", Lay).Accepts<LessonRequest>("application/json").Produces<LessonResponse>().ProducesProblem(422);
        api.MapPost("/ladder", Climb)
            .Accepts<LadderRequest>("application/json")
            .Produces<IReadOnlyList<RungResponse>>()
            .ProducesProblem(422);
        api.MapPost("/home-practice", GoHome)
            .Accepts<HomePracticeRequest>("application/json")
            .Produces<HomePracticeResponse>()
            .ProducesProblem(422);
        api.MapPut("/teaching/{id}", Teach)
            .Accepts<TeachingRequest>("application/json")
            .Produces<TeachingResponse>()
            .ProducesProblem(409)
            .ProducesProblem(422);
        api.MapDelete("/teaching/{id}", Leave).Produces(204);
    }

    private static async Task<IResult> Lay(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var given = fields.Object("class");
        fields.Check();
        var plan = TideReader.Read(given);
        return TypedResults.Ok(LessonResponse.Of(Lesson.Of(plan, snapshot.Catalogue, snapshot.Ways), snapshot.Judge(plan).Findings));
    }

    private static async Task<IResult> Climb(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var (given, by) = (fields.Object("class"), fields.Number("byMs", -MostMs, MostMs));
        fields.Check();
        var score = ClassCompiler.Compile(TideReader.Read(given), snapshot.Catalogue, snapshot.Ways, withEvents: false);
        return TypedResults.Ok<IReadOnlyList<RungResponse>>([
            .. Ladder.At(score, TimeSpan.FromMilliseconds(by), request.HttpContext.RequestAborted).Select(RungResponse.Of),
        ]);
    }

    private static async Task<IResult> GoHome(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var (given, chosen) = (fields.Object("class"), fields.OptionalTexts("lines"));
        if (chosen?.Count > HomePractice.Most)
            fields.Wrong("lines", $"are {chosen.Count}, {HomePractice.Most} at most: more are not done at home");
        fields.Check();
        var score = ClassCompiler.Compile(TideReader.Read(given), snapshot.Catalogue, snapshot.Ways, withEvents: false);
        return TypedResults.Ok(HomePracticeResponse.Of(score, chosen ?? HomePractice.Suggested(score)));
    }

    // Said again every few seconds by whoever teaches.
    private static async Task<IResult> Teach(string id, HttpRequest request, Teachings teachings)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var session = fields.Text("session");
        var takesOver = fields.OptionalFlag("takeOver");
        var state = fields.OptionalObject("state");
        if (session.Length > LongestSession)
            fields.Wrong("session", $"has {session.Length} characters, {LongestSession} at most");
        fields.Check();
        var has = teachings.Take(id, session, takesOver, state);
        if (has.Session != session)
            throw new ConflictException(
                "The class is being taught in another tab or browser.",
                $"It began there at {has.Since.ToLocalTime():HH:mm}. Take over here, or go on there."
            );
        return TypedResults.Ok(new TeachingResponse(has.Session, has.Since, has.State));
    }

    private static NoContent Leave(string id, string session, Teachings teachings)
    {
        teachings.Leave(id, session);
        return TypedResults.NoContent();
    }
}
