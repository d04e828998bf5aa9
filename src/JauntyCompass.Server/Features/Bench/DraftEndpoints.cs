using System.Security.Claims;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An item as it lies on the Bench before it is handed in.</summary>
/// <param name="Values">What is filled in, by field, as it stands in the box.</param>
/// <param name="Placements">How the instrument lay at a reading, by field.</param>
/// <param name="Strokes">Pencil strokes.</param>
/// <param name="Dots">Dots.</param>
/// <param name="Arc">Where the arc was put, or null.</param>
/// <param name="DotPlacement">How the instrument lay at the last dot, or null.</param>
/// <param name="Placement">How the instrument lies.</param>
/// <param name="Laid">Whether it was ever moved there by hand.</param>
/// <param name="Part">How many parts of the item have been begun, from 0.</param>
/// <param name="Arcs">Arcs of the compass; null in drafts that are older than it.</param>
/// <param name="Compass">How the compass stands, or null where there is none.</param>
/// <param name="Ruler">How the ruler lies, its zero and which way it counts; null where there is none.</param>
public sealed record BenchDraft(
    IReadOnlyDictionary<string, string> Values,
    IReadOnlyDictionary<string, Placement> Placements,
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<Point> Dots,
    Point? Arc,
    Placement? DotPlacement,
    Placement Placement,
    bool Laid,
    int Part,
    IReadOnlyList<CompassStroke>? Arcs = null,
    LaidCompass? Compass = null,
    Placement? Ruler = null
) : IValidatable
{
    private const int MostFields = 20;

    // As long as what may be handed in: an equation is the longest.
    private const int LongestValue = 200;

    public void Validate(ValidationErrors errors)
    {
        errors.Range("values", Values?.Count ?? -1, 0, MostFields);
        errors.Range("placements", Placements?.Count ?? -1, 0, MostFields);
        foreach ((string field, string value) in Values?.Take(MostFields) ?? [])
        {
            errors.Text("values", field, 1, 40);
            errors.Text($"values.{field}", value, 0, LongestValue);
        }
        foreach ((string field, Placement placement) in Placements?.Take(MostFields) ?? [])
        {
            errors.Text("placements", field, 1, 40);
            errors.Within($"placements.{field}", placement);
        }
        errors.Each("strokes", Strokes, 0, 50);
        errors.Each("dots", Dots, 0, 50);
        errors.Within("arc", Arc);
        errors.Within("dotPlacement", DotPlacement);
        errors.Within("placement", Placement);
        errors.Range("part", Part, 0, 10);
        errors.Each("arcs", Arcs ?? [], 0, 50);
        errors.Within("compass.needle", Compass?.Needle);
        errors.Within("compass.pencil", Compass?.Pencil);
        errors.Within("ruler", Ruler);
    }
}

/// <summary>A draft that is kept.</summary>
/// <param name="ItemIndex">Place of the item, from 0.</param>
/// <param name="Draft">What lay there.</param>
/// <param name="SavedAt">When it was kept.</param>
public sealed record BenchDraftReply(int ItemIndex, BenchDraft Draft, DateTimeOffset SavedAt);

/// <summary>Keeps what is not handed in yet, so that a student can go on at another device.</summary>
public static class DraftEndpoints
{
    public static void MapDrafts(this RouteGroupBuilder assignments) =>
        assignments
            .MapPut("/{assignmentId:guid}/drafts/{index:int}", Keep)
            .WithName("KeepDraft")
            .WithSummary(
                "Keeps an item as it lies before it is handed in; kept again, it is replaced."
            )
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(
                new BenchDraft(
                    new Dictionary<string, string> { ["reading"] = "64" },
                    new Dictionary<string, Placement>(),
                    [],
                    [],
                    null,
                    null,
                    new Placement(new Point(0, -20), new Direction(12)),
                    Laid: true,
                    Part: 0
                )
            );

    private static readonly TimeSpan HandedInJustNow = TimeSpan.FromSeconds(2);

    private static async Task<IResult> Keep(
        Guid assignmentId,
        int index,
        BenchDraft draft,
        Guid? studentId,
        ClaimsPrincipal student,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        (Guid id, Guid classId) = (student.Id(), student.ClassId());
        if (studentId is Guid made && made != id)
        {
            return Problems.OtherStudent();
        }
        bool given = await database.Assignments.AnyAsync(
            a =>
                a.Id == assignmentId
                && a.ClassId == classId
                && index >= 0
                && index < a.Set!.ItemCount,
            cancellation
        );
        if (!given || !await database.Students.AnyAsync(s => s.Id == id, cancellation))
        {
            return Problems.NotFound(Thing.Item);
        }
        string json = StoredJson.Write(draft);
        DateTimeOffset now = clock.GetUtcNow();
        // Two devices may keep the same item at the same moment; the later one stays. One that was under way while the item was
        // handed in comes too late: work at the next try is told no sooner than the hand has rested.
        DateTimeOffset justNow = now - HandedInJustNow;
        await database.Database.ExecuteSqlAsync(
            $"""
            INSERT INTO drafts (assignment_id, student_id, item_index, content, saved_at)
            SELECT {assignmentId}, {id}, {index}, {json}::json, {now}
            WHERE NOT EXISTS (
              SELECT FROM answers WHERE assignment_id = {assignmentId} AND student_id = {id}
                AND item_index = {index} AND received_at > {justNow})
            ON CONFLICT (assignment_id, student_id, item_index)
            DO UPDATE SET content = excluded.content, saved_at = excluded.saved_at
            """,
            cancellation
        );
        return TypedResults.NoContent();
    }
}
