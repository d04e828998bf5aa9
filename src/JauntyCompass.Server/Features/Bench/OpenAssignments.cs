using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An assignment as working at it needs it; sets never change, so this can be kept in memory.</summary>
public sealed record OpenAssignment(
    Guid Id,
    Guid ClassId,
    string Title,
    int Tries,
    int? AdaptiveLimit,
    double Tolerance,
    HouseRules? Rules,
    IReadOnlyDictionary<string, double>? Weights,
    IReadOnlyList<Item> Items,
    IReadOnlyList<IReadOnlyList<Item>>? Forms
)
{
    /// <summary>The items that a student gets.</summary>
    public IReadOnlyList<Item> ItemsOf(Guid studentId) =>
        ExerciseSet.FormOf(Items, Forms, studentId);
}

/// <summary>
/// What a class works at, kept in memory for a while: when a bell rings, thirty or three hundred open the same set at once.
/// </summary>
public sealed class OpenAssignments(JauntyDbContext database, IMemoryCache cache)
{
    private static readonly TimeSpan Kept = TimeSpan.FromMinutes(2);

    // One looks it up, the others wait for what it finds.
    private static readonly SemaphoreSlim Looking = new(1);

    /// <summary>The assignment, if it is set to a class.</summary>
    public async Task<OpenAssignment?> Find(
        Guid assignmentId,
        Guid classId,
        CancellationToken cancellation
    )
    {
        OpenAssignment? open = await Remembered(
            ("assignment", assignmentId),
            () => Load(assignmentId, cancellation),
            cancellation
        );
        return open?.ClassId == classId ? open : null;
    }

    /// <summary>The house rules under which a class works at an assignment.</summary>
    public async Task<HouseRules> RulesOf(OpenAssignment assignment, CancellationToken cancellation)
    {
        HouseRules ofClass = (
            await Remembered(
                RulesKey(assignment.ClassId),
                async () =>
                    await database
                        .Classes.Where(c => c.Id == assignment.ClassId)
                        .Select(c => c.Rules)
                        .FirstOrDefaultAsync(cancellation)
                    ?? HouseRules.Usual,
                cancellation
            )
        )!;
        return HouseRules.InForce(assignment.Rules, ofClass);
    }

    /// <summary>The items of a student as they lie before them.</summary>
    public async Task<IReadOnlyList<ItemView>> ViewsOf(
        OpenAssignment assignment,
        Guid studentId,
        CancellationToken cancellation
    )
    {
        HouseRules rules = await RulesOf(assignment, cancellation);
        IReadOnlyList<Item> items = assignment.ItemsOf(studentId);
        // The same items under the same rules look the same to everyone.
        return cache.GetOrCreate(
            (items, rules),
            entry =>
            {
                entry.AbsoluteExpirationRelativeToNow = Kept;
                return (IReadOnlyList<ItemView>)
                    [.. items.Select(i => ExerciseKinds.Of(i).Present(i, rules))];
            }
        )!;
    }

    /// <summary>To be called when a class's house rules have changed: from its next request on the change is heard.</summary>
    public static void ForgetRules(IMemoryCache cache, Guid classId) =>
        cache.Remove(RulesKey(classId));

    private static (string, Guid) RulesKey(Guid classId) => ("rules", classId);

    private async Task<OpenAssignment?> Load(Guid assignmentId, CancellationToken cancellation) =>
        await database
            .Assignments.AsNoTracking()
            .Include(a => a.Set)
            .FirstOrDefaultAsync(a => a.Id == assignmentId, cancellation)
            is { Set: ExerciseSet set } stored
            ? new OpenAssignment(
                stored.Id,
                stored.ClassId,
                set.Title,
                stored.Tries,
                stored.AdaptiveLimit,
                set.Specification.Tolerance,
                set.Specification.Rules,
                stored.Weights,
                set.Items,
                set.Forms
            )
            : null;

    private async Task<T?> Remembered<T>(
        object key,
        Func<Task<T?>> look,
        CancellationToken cancellation
    )
        where T : class
    {
        if (cache.TryGetValue(key, out T? known))
        {
            return known;
        }
        await Looking.WaitAsync(cancellation);
        try
        {
            if (!cache.TryGetValue(key, out known) && await look() is T found)
            {
                known = found;
                cache.Set(key, found, Kept);
            }
            return known;
        }
        finally
        {
            Looking.Release();
        }
    }
}
