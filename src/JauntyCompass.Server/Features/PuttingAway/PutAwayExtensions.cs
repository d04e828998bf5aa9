using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.PuttingAway;

/// <summary>
/// Putting away, bringing back, deleting and changing one's mind, the same for classes, students, sets and what is given. What is
/// deleted is hidden at once and gone for good a day later, so that it can be undone until the page is left.
/// </summary>
public static class PutAwayExtensions
{
    /// <summary>How long something deleted can be brought back.</summary>
    public static readonly TimeSpan Undoable = TimeSpan.FromDays(1);

    /// <summary>Puts a thing away or brings it back.</summary>
    public static void Archive(this IPutAway thing, bool? archived, DateTimeOffset now)
    {
        if (archived is bool away)
        {
            thing.ArchivedAt = away ? thing.ArchivedAt ?? now : null;
        }
    }

    /// <summary>Answers that go with some assignments or students.</summary>
    public static Task<int> AnswersTo(
        this JauntyDbContext database,
        IQueryable<Assignment> assignments,
        CancellationToken cancellation
    )
    {
        IQueryable<Guid> ids = assignments.Select(a => a.Id);
        return database.Answers.CountAsync(a => ids.Contains(a.AssignmentId), cancellation);
    }

    /// <summary>Among things that are deleted: those that can still be brought back.</summary>
    public static IQueryable<T> Deleted<T>(this IQueryable<T> things)
        where T : class, IPutAway => things.IgnoreQueryFilters().Where(t => t.DeletedAt != null);
}
