using System.Text.Json;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;
using AmpleTide.Store;
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
        services.AddProblemDetails(options => options.CustomizeProblemDetails = Name).AddExceptionHandler<Handler>();

    // What the framework itself refuses is named as everything else is.
    private static void Name(ProblemDetailsContext context)
    {
        (context.ProblemDetails.Title, context.ProblemDetails.Detail) = (
            context.ProblemDetails.Status,
            context.ProblemDetails.Detail
        ) switch
        {
            (404, null) => ("Not found.", "There is no such call."),
            (405, null) => (
                "Not like that.",
                $"{context.HttpContext.Request.Method} is not done here; {context.HttpContext.Response.Headers.Allow} is."
            ),
            (415, null) => ("The request is of the wrong type.", "Send JSON, with Content-Type: application/json."),
            (_, var detail) => (context.ProblemDetails.Title, detail),
        };
    }

    /// <summary>Something in what was sent is wrong.</summary>
    public static ProblemHttpResult Unusable(IReadOnlyList<Problem> problems, string title = "The class cannot be read.") =>
        TypedResults.Problem(
            title: title,
            statusCode: StatusCodes.Status422UnprocessableEntity,
            detail: problems[0].Pointer.Length > 0 ? $"{problems[0].Pointer} {problems[0].Detail}" : problems[0].Detail,
            extensions: [new("errors", problems)]
        );

    /// <summary>There is nothing by that name.</summary>
    public static ProblemHttpResult NotFound(string detail) =>
        TypedResults.Problem(title: "Not found.", statusCode: StatusCodes.Status404NotFound, detail: detail);

    /// <summary>There is no such class.</summary>
    public static ProblemHttpResult NoClass(string id) => NotFound($"There is no class '{id}'.");

    /// <summary>SQLITE_CONSTRAINT: of two saves at once both added the same key.</summary>
    public const int ConstraintFailed = 19;

    private const int DiskFull = 13; // SQLITE_FULL

    private sealed class Handler(ILogger<Handler> log) : IExceptionHandler
    {
        public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken cancellationToken)
        {
            ProblemHttpResult? answer = exception switch
            {
                TideFileException wrong => Unusable(wrong.Problems),
                UnusableException wrong => Unusable(wrong.Problems, wrong.Title),
                ClassTooLongException tooLong => Unusable([new("/sections", tooLong.Message)], "The class is too long."),
                MissingException missing => NotFound(missing.Message),
                ConflictException conflict => TypedResults.Problem(
                    title: conflict.Title,
                    statusCode: conflict.Status,
                    detail: conflict.Message,
                    extensions: conflict.Tag is { } tag ? [new("etag", tag)] : null
                ),
                DbUpdateException { InnerException: SqliteException { SqliteErrorCode: ConstraintFailed } } => TypedResults.Problem(
                    title: "It is there already.",
                    statusCode: StatusCodes.Status409Conflict,
                    detail: "Another request added the same at the same moment. Nothing was changed."
                ),
                OperationCanceledException when context.RequestAborted.IsCancellationRequested => TypedResults.Problem(
                    title: "The request was given up.",
                    statusCode: StatusCodes.Status499ClientClosedRequest
                ),
                StoreException gone => TypedResults.Problem(
                    title: "The database is gone.",
                    statusCode: StatusCodes.Status503ServiceUnavailable,
                    detail: gone.Message
                ),
                JsonException json => TypedResults.Problem(
                    title: "The request is not valid JSON.",
                    statusCode: 400,
                    detail: $"Line {json.LineNumber + 1}, byte {json.BytePositionInLine + 1}: {Reason(json)}."
                ),
                BadHttpRequestException bad => TypedResults.Problem(
                    title: bad.StatusCode == 413 ? "The request is too large." : "The request cannot be read.",
                    statusCode: bad.StatusCode,
                    detail: bad.StatusCode == 413 ? $"A class takes at most {RequestBody.MostBytes / 1024} KiB." : bad.Message
                ),
                SqliteException { SqliteErrorCode: DiskFull }
                or DbUpdateException { InnerException: SqliteException { SqliteErrorCode: DiskFull } } => TypedResults.Problem(
                    title: "The disk is full.",
                    statusCode: StatusCodes.Status507InsufficientStorage,
                    detail: "Nothing was changed. Make room, then save again."
                ),
                _ => null,
            };
            if (answer is null)
            {
                log.LogError(exception, "A request failed");
                answer = TypedResults.Problem(
                    title: "Something went wrong here.",
                    statusCode: 500,
                    detail: "Nothing was changed. The server's log says more."
                );
            }
            await answer.ExecuteAsync(context);
            return true;
        }

        // The parser repeats the place at the end of its message.
        private static string Reason(JsonException json) => json.Message.Split(". LineNumber", 2)[0].TrimEnd('.');
    }
}

/// <summary>There is nothing by that name.</summary>
internal sealed class MissingException(string message) : Exception(message);

/// <summary>What is stored already stands against the request.</summary>
/// <param name="title">What cannot be done.</param>
/// <param name="detail">Why.</param>
/// <param name="status">The HTTP status.</param>
/// <param name="tag">The ETag of what is stored, where that matters.</param>
internal sealed class ConflictException(string title, string detail, int status = StatusCodes.Status409Conflict, string? tag = null)
    : Exception(detail)
{
    public string Title { get; } = title;

    public int Status { get; } = status;

    public string? Tag { get; } = tag;
}

/// <summary>Something that was sent cannot be used as it is.</summary>
/// <param name="title">What cannot be done.</param>
/// <param name="problems">Why, with pointers to the fields.</param>
internal sealed class UnusableException(string title, IReadOnlyList<Problem> problems) : Exception(title)
{
    public string Title { get; } = title;

    public IReadOnlyList<Problem> Problems { get; } = problems;
}
