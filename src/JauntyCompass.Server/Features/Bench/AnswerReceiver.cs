using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>What the database made of an answer.</summary>
/// <param name="StudentKnown">Whether the student is still there.</param>
/// <param name="TriesBefore">How often the item had been answered.</param>
/// <param name="Closed">Whether the assignment takes no more answers.</param>
/// <param name="Stored">The answer with its mark, or null when it was not stored.</param>
public readonly record struct AnswerResult(
    bool StudentKnown,
    int TriesBefore,
    bool Closed,
    Answer? Stored
);

/// <summary>Takes answers: marks them and stores answer and mark together, once.</summary>
public sealed class AnswerReceiver(
    JauntyDbContext database,
    AnswerBatchWriter writer,
    RememberedHistories histories,
    TimeProvider clock
)
{
    // Another host may have stored an answer of the same student in between; then the mark is made again, with that in it.
    private const int MostRounds = 8;

    /// <summary>
    /// Marks an answer and stores both, unless its id or its try is taken, no tries are left, or the assignment is closed. The mark
    /// stands on the student's first tries as they are in the database when it is stored, whichever host had them.
    /// </summary>
    public async Task<AnswerResult> Take(
        OpenAssignment assignment,
        Guid studentId,
        AnswerRequest request,
        CancellationToken cancellation
    )
    {
        Item item = assignment.ItemsOf(studentId)[request.ItemIndex];
        ExerciseKind kind = ExerciseKinds.Of(item);
        IReadOnlyList<AnsweredStep> steps = kind.Steps(item, request.Response);
        string response = StoredJson.Write(request.Response);
        // Of a student not seen yet it is most likely the first answer; the database tells if it is not.
        StudentHistory? guess =
            histories.Of(assignment.Id, studentId) ?? StudentHistory.Empty(assignment.Tolerance);
        for (int round = 0; ; round++)
        {
            StudentHistory history = guess ?? await Load(assignment, studentId, cancellation);
            Mark mark = MarkAggregator.Of(
                steps,
                new MarkingRules(assignment.Tolerance)
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
                    history.Answered,
                    mark.MarkerVersion,
                    response,
                    StoredJson.Write(mark),
                    received,
                    request.AnsweredAt
                ),
                cancellation
            );
            if (written.HistoryIsOld && round < MostRounds)
            {
                guess = null;
                continue;
            }
            if (written.Try is not int attempt)
            {
                return new AnswerResult(
                    written.StudentKnown,
                    written.TriesBefore,
                    written.Closed,
                    null
                );
            }
            if (attempt == 1)
            {
                // At first tries a habit shows; what was told in between would hide it.
                history = history.With(kind, steps, request.ItemIndex);
            }
            histories.Remember(assignment.Id, studentId, history);
            return new AnswerResult(
                written.StudentKnown,
                written.TriesBefore,
                written.Closed,
                Stored(assignment, studentId, request, attempt, mark, received)
            );
        }
    }

    private static Answer Stored(
        OpenAssignment assignment,
        Guid studentId,
        AnswerRequest request,
        int attempt,
        Mark mark,
        DateTimeOffset received
    )
    {
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
        return answer;
    }

    private async Task<StudentHistory> Load(
        OpenAssignment assignment,
        Guid studentId,
        CancellationToken cancellation
    )
    {
        var before = await database
            .Answers.Where(a =>
                a.AssignmentId == assignment.Id && a.StudentId == studentId && a.Try == 1
            )
            .Select(a => new { a.ItemIndex, a.Response })
            .ToListAsync(cancellation);
        return StudentHistory.Of(
            assignment.ItemsOf(studentId),
            before.Select(a => (a.ItemIndex, a.Response)),
            assignment.Tolerance
        );
    }

    /// <summary>A stored answer by its id.</summary>
    public Task<Answer?> Stored(Guid answerId, CancellationToken cancellation) =>
        database
            .Answers.AsNoTracking()
            .Include(a => a.Marks)
            .FirstOrDefaultAsync(a => a.Id == answerId, cancellation);
}
