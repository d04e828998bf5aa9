using System.Text.Json;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>What the database made of an answer.</summary>
/// <param name="StudentKnown">Whether the student is still there.</param>
/// <param name="TriesBefore">How often the item had been answered.</param>
/// <param name="Closed">Whether the assignment takes no more answers.</param>
/// <param name="Stored">The answer with its mark, or null when it was not stored.</param>
public readonly record struct Intake(
    bool StudentKnown,
    int TriesBefore,
    bool Closed,
    Answer? Stored
);

/// <summary>Takes answers: marks them and stores answer and mark together, once.</summary>
public sealed class AnswerIntake(
    JauntyDbContext database,
    AnswerWriter writer,
    OpenAssignments open,
    IMemoryCache cache,
    TimeProvider clock
)
{
    private static readonly TimeSpan Kept = TimeSpan.FromMinutes(2);

    /// <summary>Marks an answer and stores both, unless its id or its try is taken, no tries are left, or the assignment is closed.</summary>
    public async Task<Intake> Take(
        OpenAssignment assignment,
        Guid studentId,
        AnswerRequest request,
        CancellationToken cancellation
    )
    {
        Item item = assignment.ItemsOf(studentId)[request.ItemIndex];
        HouseRules rules = await open.RulesOf(assignment, cancellation);
        StudentHistory history = await HistoryOf(assignment, studentId, cancellation);
        ExerciseKind kind = ExerciseKinds.Of(item);
        IReadOnlyList<AnsweredStep> steps = kind.Steps(item, request.Response);
        Mark mark = Assembly.Of(
            steps,
            new MarkingRules(assignment.Tolerance, rules.Speech)
            {
                History = history.Beliefs,
                Weights = assignment.Weights,
            }
        );
        DateTimeOffset received = clock.GetUtcNow();
        Written written = await writer.Store(
            new AnswerRow(
                request.Id,
                assignment.Id,
                studentId,
                request.ItemIndex,
                assignment.Tries,
                mark.MarkerVersion,
                JsonSerializer.Serialize(request.Response, ExerciseJson.Options),
                JsonSerializer.Serialize(mark, ExerciseJson.Options),
                received,
                request.AnsweredAt
            ),
            cancellation
        );
        if (written.Try is not int attempt)
        {
            return new Intake(written.StudentKnown, written.TriesBefore, written.Closed, null);
        }
        if (attempt == 1)
        {
            // At first tries a habit shows; what was told in between would hide it.
            cache.Set(HistoryKey(assignment.Id, studentId), history.With(kind, steps), Kept);
        }
        var answer = new Answer
        {
            Id = request.Id,
            AssignmentId = assignment.Id,
            StudentId = studentId,
            ItemIndex = request.ItemIndex,
            Try = attempt,
            Response = request.Response,
            ReceivedAt = received,
        };
        answer.Marks.Add(
            new AnswerMark
            {
                AnswerId = answer.Id,
                MarkerVersion = mark.MarkerVersion,
                Mark = mark,
            }
        );
        return new Intake(written.StudentKnown, written.TriesBefore, written.Closed, answer);
    }

    private async Task<StudentHistory> HistoryOf(
        OpenAssignment assignment,
        Guid studentId,
        CancellationToken cancellation
    )
    {
        (string, Guid, Guid) key = HistoryKey(assignment.Id, studentId);
        if (!cache.TryGetValue(key, out StudentHistory? history))
        {
            var before = await database
                .Answers.Where(a =>
                    a.AssignmentId == assignment.Id && a.StudentId == studentId && a.Try == 1
                )
                .Select(a => new { a.ItemIndex, a.Response })
                .ToListAsync(cancellation);
            history = StudentHistory.Of(
                assignment.ItemsOf(studentId),
                before.Select(a => (a.ItemIndex, a.Response))
            );
            cache.Set(key, history, Kept);
        }
        return history!;
    }

    private static (string, Guid, Guid) HistoryKey(Guid assignment, Guid student) =>
        ("history", assignment, student);

    /// <summary>A stored answer by its id.</summary>
    public Task<Answer?> Stored(Guid answerId, CancellationToken cancellation) =>
        database
            .Answers.AsNoTracking()
            .Include(a => a.Marks)
            .FirstOrDefaultAsync(a => a.Id == answerId, cancellation);
}
