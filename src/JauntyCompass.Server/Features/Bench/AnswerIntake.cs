using System.Text.Json;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Wording;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An assignment as answering needs it; sets never change, so this can be kept in memory.</summary>
public sealed record OpenAssignment(
    Guid Id,
    Guid ClassId,
    int Tries,
    double Tolerance,
    IReadOnlyDictionary<string, double>? Weights,
    IReadOnlyList<Item> Items,
    IReadOnlyList<IReadOnlyList<Item>>? Forms
)
{
    /// <summary>The items that a student gets.</summary>
    public IReadOnlyList<Item> ItemsOf(Guid studentId) =>
        ExerciseSet.FormOf(Items, Forms, studentId);
}

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
    IMemoryCache cache,
    TimeProvider clock
)
{
    private static readonly TimeSpan Kept = TimeSpan.FromMinutes(2);

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
                stored.Weights,
                stored.Set.Items,
                stored.Set.Forms
            );
            cache.Set(assignmentId, open, Kept);
        }
        return open!.ClassId == classId ? open : null;
    }

    /// <summary>How feedback is worded for a class; from its next answer on, a change is heard.</summary>
    private async Task<Speech> SpeechOf(Guid classId, CancellationToken cancellation)
    {
        if (!cache.TryGetValue(SpeechKey(classId), out Speech? speech))
        {
            HouseRules? rules = await database
                .Classes.Where(c => c.Id == classId)
                .Select(c => c.Rules)
                .FirstOrDefaultAsync(cancellation);
            speech = (rules ?? HouseRules.Usual).Speech;
            cache.Set(SpeechKey(classId), speech, Kept);
        }
        return speech!;
    }

    /// <summary>To be called when a class's house rules have changed.</summary>
    public static void ForgetSpeech(IMemoryCache cache, Guid classId) =>
        cache.Remove(SpeechKey(classId));

    private static (string, Guid) SpeechKey(Guid classId) => ("speech", classId);

    /// <summary>Marks an answer and stores both, unless its id or its try is taken, no tries are left, or the assignment is closed.</summary>
    public async Task<Intake> Take(
        OpenAssignment assignment,
        Guid studentId,
        AnswerRequest request,
        CancellationToken cancellation
    )
    {
        Item item = assignment.ItemsOf(studentId)[request.ItemIndex];
        Speech speech = await SpeechOf(assignment.ClassId, cancellation);
        StudentHistory history = await HistoryOf(assignment, studentId, cancellation);
        ExerciseKind kind = ExerciseKinds.Of(item);
        Mark mark = kind.Mark(
            item,
            request.Response,
            new MarkingRules(assignment.Tolerance, speech)
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
            cache.Set(
                HistoryKey(assignment.Id, studentId),
                history.With(kind, item, request.Response),
                Kept
            );
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
            IReadOnlyList<Item> items = assignment.ItemsOf(studentId);
            history = before.Aggregate(
                StudentHistory.Empty,
                (all, a) =>
                    all.With(ExerciseKinds.Of(items[a.ItemIndex]), items[a.ItemIndex], a.Response)
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
