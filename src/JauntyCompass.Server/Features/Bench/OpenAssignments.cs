using System.ComponentModel;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An assignment as working at it needs it, with the house rules in force.</summary>
[ImmutableObject(true)]
public sealed record OpenAssignment(
    Guid Id,
    Guid ClassId,
    string Title,
    int Tries,
    int? AdaptiveLimit,
    double Tolerance,
    HouseRules Rules,
    IReadOnlyDictionary<string, double>? Weights,
    IReadOnlyList<Item> Items,
    IReadOnlyList<IReadOnlyList<Item>>? Forms
)
{
    /// <summary>The items that a student gets.</summary>
    public IReadOnlyList<Item> ItemsOf(Guid studentId) =>
        ExerciseSet.FormOf(Items, Forms, studentId);

    /// <summary>How many forms there are.</summary>
    public int FormCount => 1 + (Forms?.Count ?? 0);
}

/// <summary>
/// What a class works at, remembered for a while: when a bell rings, thirty or three hundred open the same set at once.
/// </summary>
public sealed class OpenAssignments(JauntyDbContext database, SharedCache cache)
{
    [ImmutableObject(true)]
    private sealed record Found(OpenAssignment? Assignment) : IRemembered
    {
        // An item with its picture takes about so much.
        public int Kilobytes =>
            Assignment is null ? 1 : 1 + 2 * Assignment.Items.Count * Assignment.FormCount;
    }

    [ImmutableObject(true)]
    private sealed record Views(IReadOnlyList<SeenItem> Items) : IRemembered
    {
        public int Kilobytes => 1 + 4 * Items.Count;
    }

    /// <summary>The assignment, if it is set to a class.</summary>
    public async Task<OpenAssignment?> Find(
        Guid assignmentId,
        Guid classId,
        CancellationToken cancellation
    )
    {
        Found found = await cache.Get(
            $"assignment:{assignmentId}:{classId}",
            async stop => new Found(await Load(assignmentId, classId, stop)),
            PartsOf(assignmentId, classId),
            cancellation
        );
        return found.Assignment;
    }

    /// <summary>The items of a student as they lie before them: the same for all who have the same form.</summary>
    public async Task<IReadOnlyList<SeenItem>> ViewsOf(
        OpenAssignment assignment,
        Guid studentId,
        CancellationToken cancellation
    )
    {
        int form = ExerciseSet.FormNumber(assignment.Forms, studentId);
        Views views = await cache.Get(
            $"views:{assignment.Id}:{form}",
            _ =>
                ValueTask.FromResult(
                    new Views([
                        .. assignment
                            .ItemsOf(studentId)
                            .Select(i =>
                                SeenItem.Of(ExerciseKinds.Of(i).Present(i, assignment.Rules))
                            ),
                    ])
                ),
            PartsOf(assignment.Id, assignment.ClassId),
            cancellation
        );
        return views.Items;
    }

    private static string[] PartsOf(Guid assignmentId, Guid classId) =>
        [Part.Assignment(assignmentId), Part.Class(classId)];

    private async Task<OpenAssignment?> Load(
        Guid assignmentId,
        Guid classId,
        CancellationToken cancellation
    ) =>
        await database
            .Assignments.AsNoTracking()
            .Include(a => a.Set)
            .Include(a => a.Class)
            .FirstOrDefaultAsync(
                a => a.Id == assignmentId && a.ClassId == classId && a.ArchivedAt == null,
                cancellation
            )
            is { Set: ExerciseSet set } stored
            ? new OpenAssignment(
                stored.Id,
                stored.ClassId,
                stored.Title,
                stored.Tries,
                stored.AdaptiveLimit,
                set.Specification.Tolerance,
                stored.RulesInForce,
                stored.Weights,
                set.Items,
                set.Forms
            )
            : null;
}
