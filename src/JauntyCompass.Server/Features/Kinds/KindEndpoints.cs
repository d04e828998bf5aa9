using JauntyCompass.Core.Demonstrations.WentWrong;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Locales;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Kinds;

/// <summary>A mistake of the catalogue.</summary>
/// <param name="Key">Its key.</param>
/// <param name="Name">Its name in a few words, as the end of “this student …”.</param>
/// <param name="Demonstration">Key of a demonstration that shows or tells of it.</param>
/// <param name="Remedy">What helps against it, for the teacher.</param>
/// <param name="Kinds">Keys of the kinds of exercise that can show it.</param>
public sealed record MistakeReply(
    string Key,
    Message Name,
    Message Remedy,
    string Demonstration,
    IReadOnlyList<string> Kinds
);

/// <summary>A kind of exercise.</summary>
/// <param name="Key">Its key.</param>
/// <param name="Title">What a teacher calls it.</param>
/// <param name="Summary">What the student does.</param>
/// <param name="LeastMeasure">The smallest measure its items can have, in degrees.</param>
/// <param name="MostMeasure">The largest, in degrees.</param>
/// <param name="IsMeasured">Whether the chosen measure is what an item is about; else it only varies it.</param>
/// <param name="AlreadyLaid">Whether the instrument lies on the sheet already, so that it may be one for the board or one with an arm.</param>
/// <param name="Difficulty">How hard its items are beside those of other kinds, 0 to 6.</param>
/// <param name="Mistakes">Keys of the mistakes its items can show.</param>
public sealed record KindReply(
    string Key,
    Message Title,
    Message Summary,
    int LeastMeasure,
    int MostMeasure,
    bool IsMeasured,
    bool AlreadyLaid,
    double Difficulty,
    IReadOnlyList<string> Mistakes
);

public static class KindEndpoints
{
    public static void MapKinds(this RouteGroupBuilder api)
    {
        api.MapGet("/exercise-kinds", Kinds)
            .WithName("ListKinds")
            .WithSummary("All kinds of exercise and the mistakes they can show.")
            .WithTags("Calculations");
        api.MapGet("/mistakes", Mistakes)
            .WithName("ListMistakes")
            .WithSummary(
                "All mistakes of the catalogue, with their wording and the kinds that show them."
            )
            .WithTags("Calculations");
    }

    private static Ok<List<KindReply>> Kinds() =>
        TypedResults.Ok(
            ExerciseKinds
                .All.Select(k => new KindReply(
                    k.Key,
                    k.Title,
                    k.Facts.Summary,
                    k.Facts.LeastMeasure,
                    k.Facts.MostMeasure,
                    k.Facts.IsMeasured,
                    k.Facts.AlreadyLaid,
                    k.Facts.Difficulty,
                    [.. k.Mistakes.Select(m => m.Key)]
                ))
                .ToList()
        );

    private static Ok<List<MistakeReply>> Mistakes() =>
        TypedResults.Ok(
            MistakeCatalogue
                .All.Select(m => new MistakeReply(
                    m.Key,
                    m.Name,
                    m.Remedy,
                    ReplayDemonstrations.KeyFor(m),
                    [.. ExerciseKinds.All.Where(k => k.Mistakes.Contains(m)).Select(k => k.Key)]
                ))
                .ToList()
        );
}
