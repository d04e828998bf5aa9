using System.Data.Common;
using System.Text.Json;
using JauntyCompass.Core.Demonstrations;
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
public sealed class AnswerIntake(JauntyDbContext database, IMemoryCache cache, TimeProvider clock)
{
    private static readonly TimeSpan Kept = TimeSpan.FromMinutes(2);

    // The whole decision in one statement: a class that hands in at once makes one round trip an answer, not four, and no
    // two requests can come between looking and storing. An id or a try that is taken already stores nothing.
    private const string StoreOnce = """
        WITH state AS (
          SELECT (SELECT count(*) FROM answers
                  WHERE assignment_id = @assignment AND student_id = @student AND item_index = @item)::int AS tries,
                 EXISTS (SELECT FROM assignments WHERE id = @assignment AND closed_at IS NOT NULL) AS closed
          FROM students WHERE id = @student),
        added AS (
          INSERT INTO answers (id, assignment_id, student_id, item_index, try, response, received_at, answered_at)
          SELECT @id, @assignment, @student, @item, tries + 1, @response::json, @received, @answered
          FROM state WHERE tries < @allowed AND NOT closed
          ON CONFLICT DO NOTHING RETURNING try),
        cleared AS (
          DELETE FROM drafts WHERE assignment_id = @assignment AND student_id = @student AND item_index = @item),
        marked AS (
          INSERT INTO marks (answer_id, marker_version, mark) SELECT @id, @version, @mark::json FROM added)
        SELECT state.tries, state.closed, added.try FROM state LEFT JOIN added ON true
        """;

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
        await database.Database.OpenConnectionAsync(cancellation);
        await using DbCommand command = database.Database.GetDbConnection().CreateCommand();
        command.CommandText = StoreOnce;
        DbParameterCollection parameters = command.Parameters;
        parameters.Add(new NpgsqlParameter<Guid>("id", request.Id));
        parameters.Add(new NpgsqlParameter<Guid>("assignment", assignment.Id));
        parameters.Add(new NpgsqlParameter<Guid>("student", studentId));
        parameters.Add(new NpgsqlParameter<int>("item", request.ItemIndex));
        parameters.Add(new NpgsqlParameter<int>("allowed", assignment.Tries));
        parameters.Add(new NpgsqlParameter<int>("version", mark.MarkerVersion));
        parameters.Add(
            new NpgsqlParameter<string>(
                "response",
                JsonSerializer.Serialize(request.Response, ExerciseJson.Options)
            )
        );
        parameters.Add(
            new NpgsqlParameter<string>(
                "mark",
                JsonSerializer.Serialize(mark, ExerciseJson.Options)
            )
        );
        parameters.Add(new NpgsqlParameter<DateTimeOffset>("received", received));
        parameters.Add(
            new NpgsqlParameter("answered", NpgsqlTypes.NpgsqlDbType.TimestampTz)
            {
                Value = (object?)request.AnsweredAt?.ToUniversalTime() ?? DBNull.Value,
            }
        );
        await using DbDataReader reader = await command.ExecuteReaderAsync(cancellation);
        if (!await reader.ReadAsync(cancellation))
        {
            return new Intake(StudentKnown: false, 0, Closed: false, Stored: null);
        }
        (int tries, bool closed) = (reader.GetInt32(0), reader.GetBoolean(1));
        if (await reader.IsDBNullAsync(2, cancellation))
        {
            return new Intake(StudentKnown: true, tries, closed, Stored: null);
        }
        int attempt = reader.GetInt32(2);
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
        return new Intake(StudentKnown: true, tries, closed, answer);
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
