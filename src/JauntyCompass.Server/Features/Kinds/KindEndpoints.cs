using JauntyCompass.Core.Exercises;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Kinds;

/// <summary>A mistake that a kind of exercise can show.</summary>
/// <param name="Key">Its key.</param>
/// <param name="Name">Its name in a few words.</param>
public sealed record MistakeReply(string Key, string Name);

/// <summary>A kind of exercise.</summary>
/// <param name="Key">Its key.</param>
/// <param name="Title">What a teacher calls it.</param>
/// <param name="Summary">What the student does.</param>
/// <param name="Mistakes">The mistakes its items can show.</param>
public sealed record KindReply(
    string Key,
    string Title,
    string Summary,
    IReadOnlyList<MistakeReply> Mistakes
);

public static class KindEndpoints
{
    public static void MapKinds(this RouteGroupBuilder api) =>
        api.MapGet("/exercise-kinds", All)
            .WithName("ListKinds")
            .WithSummary("All kinds of exercise and the mistakes they can show.")
            .WithTags("Calculations");

    private static Ok<List<KindReply>> All() =>
        TypedResults.Ok(
            ExerciseKinds
                .All.Select(k => new KindReply(
                    k.Key,
                    k.Title,
                    k.Facts.Summary,
                    [.. k.Mistakes.Select(m => new MistakeReply(m.Key, m.Name))]
                ))
                .ToList()
        );
}
