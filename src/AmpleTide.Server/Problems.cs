using System.Text.Json;
using AmpleTide.Formats;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>Every error is a problem (RFC 9457); mistakes in a class come with pointers to the fields.</summary>
internal static class Problems
{
    public static IServiceCollection AddProblems(this IServiceCollection services) =>
        services.AddProblemDetails().AddExceptionHandler<Handler>();

    /// <summary>Something in what was sent is wrong.</summary>
    public static ProblemHttpResult Unusable(IReadOnlyList<Problem> problems, string title = "The class cannot be read.") => TypedResults.Problem(
        title: title,
        statusCode: StatusCodes.Status422UnprocessableEntity,
        detail: problems[0].Pointer.Length > 0 ? $"{problems[0].Pointer} {problems[0].Detail}" : problems[0].Detail,
        extensions: [new("errors", problems)]);

    /// <summary>There is nothing by that name.</summary>
    public static ProblemHttpResult NotFound(string detail) =>
        TypedResults.Problem(title: "Not found.", statusCode: StatusCodes.Status404NotFound, detail: detail);

    /// <summary>There is no such class.</summary>
    public static ProblemHttpResult NoClass(string id) => NotFound($"There is no class '{id}'.");

    private const int DiskFull = 13; // SQLITE_FULL

    private sealed class Handler(ILogger<Handler> log) : IExceptionHandler
    {
        public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken cancellationToken)
        {
            ProblemHttpResult? answer = exception switch
            {
                TideFileException wrong => Unusable(wrong.Problems),
                UnusableException wrong => Unusable(wrong.Problems, wrong.Title),
                JsonException json => TypedResults.Problem(
                    title: "The request is not valid JSON.", statusCode: 400,
                    detail: $"Line {json.LineNumber + 1}, byte {json.BytePositionInLine + 1}: {json.Message.Split(". LineNumber", 2)[0]}."),
                BadHttpRequestException bad => TypedResults.Problem(
                    title: bad.StatusCode == 413 ? "The request is too large." : "The request cannot be read.", statusCode: bad.StatusCode,
                    detail: bad.StatusCode == 413 ? $"A class takes at most {Reading.MostBytes / 1024} KiB." : bad.Message),
                SqliteException { SqliteErrorCode: DiskFull } or DbUpdateException { InnerException: SqliteException { SqliteErrorCode: DiskFull } } =>
                    TypedResults.Problem(title: "The disk is full.", statusCode: StatusCodes.Status507InsufficientStorage, detail: "Nothing was changed. Make room, then save again."),
                _ => null,
            };
            if (answer is null)
            {
                log.LogError(exception, "A request failed");
                answer = TypedResults.Problem(title: "Something went wrong here.", statusCode: 500, detail: "Nothing was changed. The server's log says more.");
            }
            await answer.ExecuteAsync(context);
            return true;
        }
    }
}

/// <summary>Something that was sent cannot be used as it is.</summary>
/// <param name="title">What cannot be done.</param>
/// <param name="problems">Why, with pointers to the fields.</param>
internal sealed class UnusableException(string title, IReadOnlyList<Problem> problems) : Exception(title)
{
    public string Title { get; } = title;

    public IReadOnlyList<Problem> Problems { get; } = problems;
}
