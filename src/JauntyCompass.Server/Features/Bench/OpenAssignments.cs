using System.Collections.Concurrent;
using System.ComponentModel;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An assignment as working at it needs it, with the house rules in force.</summary>
[ImmutableObject(true)]
public sealed class OpenAssignment
{
    private readonly ConcurrentDictionary<int, IReadOnlyList<SeenItem>> _views = new();

    public required Guid Id { get; init; }
    public required Guid ClassId { get; init; }
    public required string Title { get; init; }
    public required int Tries { get; init; }
    public required int? AdaptiveLimit { get; init; }
    public required double Tolerance { get; init; }
    public required HouseRules Rules { get; init; }
    public required IReadOnlyDictionary<string, double>? Weights { get; init; }
    public required IReadOnlyList<Item> Items { get; init; }
    public required IReadOnlyList<IReadOnlyList<Item>>? Forms { get; init; }

    /// <summary>The items that a student gets.</summary>
    public IReadOnlyList<Item> ItemsOf(Guid studentId) =>
        ExerciseSet.FormOf(Items, Forms, studentId);

    /// <summary>
    /// The items of a student as they lie before them, made once for all who have the same form. They are kept here and not under a
    /// key of their own: remembered apart, they could be made of an assignment that was forgotten a moment ago.
    /// </summary>
    public IReadOnlyList<SeenItem> ViewsOf(Guid studentId) =>
        _views.GetOrAdd(
            ExerciseSet.FormNumber(Forms, studentId),
            (_, items) => [.. items.Select(i => SeenItem.Of(i, Rules))],
            ItemsOf(studentId)
        );

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
        // An item, and what is seen of it, take about so much.
        public int Kilobytes =>
            Assignment is null ? 1 : 1 + 8 * Assignment.Items.Count * Assignment.FormCount;
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
            ? new OpenAssignment
            {
                Id = stored.Id,
                ClassId = stored.ClassId,
                Title = stored.Title,
                Tries = stored.Tries,
                AdaptiveLimit = stored.AdaptiveLimit,
                Tolerance = set.Specification.Tolerance,
                Rules = stored.RulesInForce,
                Weights = stored.Weights,
                Items = set.Items,
                Forms = set.Forms,
            }
            : null;
}
