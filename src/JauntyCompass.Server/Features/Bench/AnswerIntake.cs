using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Wording;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;
using Npgsql;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An assignment as answering needs it; sets never change, so this can be kept in memory.</summary>
public sealed record OpenAssignment(
    Guid Id,
    Guid ClassId,
    int Tries,
    double Tolerance,
    IReadOnlyList<Item> Items
);

/// <summary>Takes answers: marks them and stores answer and mark together, once.</summary>
public sealed class AnswerIntake(JauntyDbContext database, IMemoryCache cache, TimeProvider clock)
{
    private static readonly TimeSpan Kept = TimeSpan.FromMinutes(10);

    /// <summary>The assignment, if it is set to a class.</summary>
    public async Task<OpenAssignment?> Find(
        Guid assignmentId,
        Guid classId,
        CancellationToken cancellation
    )
    {
        if (!cache.TryGetValue(assignmentId, out OpenAssignment? open))
        {
            Assignment? stored = await database
                .Assignments.AsNoTracking()
                .Include(a => a.Set)
                .FirstOrDefaultAsync(a => a.Id == assignmentId, cancellation);
            if (stored is null)
            {
                return null;
            }
            open = new OpenAssignment(
                stored.Id,
                stored.ClassId,
                stored.Tries,
                stored.Set!.Specification.Tolerance,
                stored.Set.Items
            );
            cache.Set(assignmentId, open, Kept);
        }
        return open!.ClassId == classId ? open : null;
    }

    /// <summary>The state of one item for one student; null when the student is no longer in the class.</summary>
    public async Task<(int Tries, bool Closed)?> StateOf(
        Guid assignmentId,
        Guid studentId,
        int itemIndex,
        CancellationToken cancellation
    )
    {
        var state = await database
            .Students.Where(s => s.Id == studentId)
            .Select(_ => new
            {
                Tries = database.Answers.Count(a =>
                    a.AssignmentId == assignmentId
                    && a.StudentId == studentId
                    && a.ItemIndex == itemIndex
                ),
                Closed = database.Assignments.Any(a => a.Id == assignmentId && a.ClosedAt != null),
            })
            .FirstOrDefaultAsync(cancellation);
        return state is null ? null : (state.Tries, state.Closed);
    }

    /// <summary>Marks and stores an answer. Null when the same id, or the same try, was stored in the meantime.</summary>
    public async Task<Answer?> Store(
        OpenAssignment assignment,
        Guid studentId,
        AnswerRequest request,
        int tries,
        CancellationToken cancellation
    )
    {
        Item item = assignment.Items[request.ItemIndex];
        Mark mark = ExerciseKinds
            .Of(item)
            .Mark(item, request.Response, new MarkingRules(assignment.Tolerance, Words.Usual));
        var answer = new Answer
        {
            Id = request.Id,
            AssignmentId = assignment.Id,
            StudentId = studentId,
            ItemIndex = request.ItemIndex,
            Try = tries + 1,
            Response = request.Response,
            ReceivedAt = clock.GetUtcNow(),
            AnsweredAt = request.AnsweredAt?.ToUniversalTime(),
        };
        answer.Marks.Add(
            new AnswerMark
            {
                AnswerId = answer.Id,
                MarkerVersion = mark.MarkerVersion,
                Mark = mark,
            }
        );
        database.Add(answer);
        try
        {
            await database.SaveChangesAsync(cancellation);
            return answer;
        }
        catch (DbUpdateException error)
            when (error.InnerException
                    is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation }
            )
        {
            database.ChangeTracker.Clear();
            return null;
        }
    }

    /// <summary>A stored answer by its id.</summary>
    public Task<Answer?> Stored(Guid answerId, CancellationToken cancellation) =>
        database
            .Answers.AsNoTracking()
            .Include(a => a.Marks)
            .FirstOrDefaultAsync(a => a.Id == answerId, cancellation);
}
