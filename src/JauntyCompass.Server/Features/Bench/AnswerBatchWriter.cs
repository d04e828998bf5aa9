using System.Buffers.Binary;
using System.Threading.Channels;
using JauntyCompass.Server.Storage;
using Npgsql;
using NpgsqlTypes;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An answer with its mark, as it goes into the database; with the first tries that the mark stands on, one bit an item.</summary>
public sealed record AnswerRow(
    Guid Id,
    Guid AssignmentId,
    Guid StudentId,
    int ItemIndex,
    int TriesAllowed,
    long HistoryOf,
    int MarkerVersion,
    string Response,
    string Mark,
    DateTimeOffset ReceivedAt,
    DateTimeOffset? AnsweredAt
);

/// <summary>What the database made of an answer.</summary>
/// <param name="StudentKnown">Whether the student is still there.</param>
/// <param name="TriesBefore">How often the item had been answered.</param>
/// <param name="Closed">Whether the assignment takes no more answers.</param>
/// <param name="HistoryIsOld">Whether the mark stands on other first tries than there are; then it was not stored.</param>
/// <param name="Try">Which try it is, from 1; null when it was not stored.</param>
public readonly record struct Written(
    bool StudentKnown,
    int TriesBefore,
    bool Closed,
    bool HistoryIsOld,
    int? Try
);

/// <summary>
/// Stores answers. Those that come while others are being written wait for each other and go in one round trip and one commit, so
/// that a whole school that hands in at once waits for the disk a few times and not once for each answer.
/// </summary>
public sealed class AnswerBatchWriter(IServiceProvider services) : BackgroundService
{
    private const int MostAtOnce = 300;

    // Answers of one student wait for each other, also where they come to several hosts. In one order, so that no two batches can
    // wait for each other.
    private const string LockStudents = "SELECT pg_advisory_xact_lock(key) FROM unnest($1) AS key";

    private static long[] LocksOf(List<Waiting> together) =>
        [
            .. together
                .Select(each =>
                    BinaryPrimitives.ReadInt64LittleEndian(
                        each.Row.StudentId.ToByteArray().AsSpan(8)
                    )
                )
                .Distinct()
                .Order(),
        ];

    // The whole decision in one statement, so that no two requests can come between counting the tries and storing. An id or a try
    // that is taken already stores nothing.
    private const string StoreAll = """
        WITH given AS (
          SELECT * FROM unnest($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11) WITH ORDINALITY AS g (
            id, assignment_id, student_id, item_index, allowed, history, marker_version,
            response, mark, received_at, answered_at, place)),
        state AS (
          SELECT given.*,
                 students.id IS NOT NULL AS known,
                 assignments.closed_at IS NOT NULL OR assignments.archived_at IS NOT NULL
                   OR assignments.deleted_at IS NOT NULL AS closed,
                 (before.first_tries <> given.history) AS old,
                 before.tries
          FROM given
          LEFT JOIN students ON students.id = given.student_id
            AND students.deleted_at IS NULL AND students.archived_at IS NULL
          LEFT JOIN assignments ON assignments.id = given.assignment_id
          CROSS JOIN LATERAL (
            SELECT coalesce(bit_or(1::bigint << a.item_index) FILTER (WHERE a.try = 1), 0) AS first_tries,
                   count(*) FILTER (WHERE a.item_index = given.item_index)::int AS tries
            FROM answers a
            WHERE a.assignment_id = given.assignment_id AND a.student_id = given.student_id) AS before),
        added AS (
          INSERT INTO answers (id, assignment_id, student_id, item_index, try, response, received_at, answered_at)
          SELECT id, assignment_id, student_id, item_index, tries + 1, response::json, received_at, answered_at
          FROM state WHERE known AND NOT closed AND NOT old AND tries < allowed
          ON CONFLICT DO NOTHING RETURNING id, assignment_id, student_id, item_index, try),
        cleared AS (
          DELETE FROM drafts d USING added
          WHERE d.assignment_id = added.assignment_id AND d.student_id = added.student_id
            AND d.item_index = added.item_index),
        marked AS (
          INSERT INTO marks (answer_id, marker_version, mark)
          SELECT state.id, marker_version, mark::json FROM state JOIN added USING (id))
        SELECT known, tries, closed, old, added.try FROM state LEFT JOIN added USING (id) ORDER BY place
        """;

    private sealed record Waiting(AnswerRow Row, TaskCompletionSource<Written> Done);

    private readonly Channel<Waiting> _waiting = Channel.CreateUnbounded<Waiting>(
        new UnboundedChannelOptions { SingleReader = true }
    );

    /// <summary>Stores an answer with its mark, unless its id or its try is taken, no tries are left, or the assignment is closed.</summary>
    public async Task<Written> Store(AnswerRow row, CancellationToken cancellation)
    {
        var done = new TaskCompletionSource<Written>(
            TaskCreationOptions.RunContinuationsAsynchronously
        );
        await _waiting.Writer.WriteAsync(new Waiting(row, done), cancellation);
        return await done.Task.WaitAsync(cancellation);
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        var batch = new List<Waiting>(MostAtOnce);
        while (await _waiting.Reader.WaitToReadAsync(stoppingToken))
        {
            Gather(batch);
            if (!await Write(batch) && batch.Count > 1)
            {
                // One that cannot be stored must not take the others with it.
                foreach (Waiting each in batch)
                {
                    await Write([each]);
                }
            }
        }
    }

    // What comes together: of two answers of one student the second waits for the first, on which its mark stands.
    private void Gather(List<Waiting> batch)
    {
        batch.Clear();
        var students = new HashSet<Guid>();
        while (
            batch.Count < MostAtOnce
            && _waiting.Reader.TryPeek(out Waiting? next)
            && students.Add(next.Row.StudentId)
        )
        {
            _ = _waiting.Reader.TryRead(out next);
            batch.Add(next!);
        }
    }

    // Whether all is settled; together they are stored or none is.
    private async Task<bool> Write(List<Waiting> together)
    {
        try
        {
            List<Written> written = await Send(together);
            for (int i = 0; i < written.Count; i++)
            {
                together[i].Done.SetResult(written[i]);
            }
            return true;
        }
        catch (Exception failure)
        {
            // With a database that is gone nobody need wait to be told one by one.
            if (together.Count > 1 && !StorageSetup.IsOutage(failure))
            {
                return false;
            }
            together.ForEach(each => each.Done.SetException(failure));
            return true;
        }
    }

    private async Task<List<Written>> Send(List<Waiting> together)
    {
        // Asked for with the first answer: describing the API needs no database.
        await using NpgsqlConnection connection = await services
            .GetRequiredService<NpgsqlDataSource>()
            .OpenConnectionAsync();
        await using var batch = new NpgsqlBatch(connection);
        var locks = new NpgsqlBatchCommand(LockStudents);
        locks.Parameters.Add(new NpgsqlParameter<long[]> { TypedValue = LocksOf(together) });
        var store = new NpgsqlBatchCommand(StoreAll);
        batch.BatchCommands.Add(locks);
        batch.BatchCommands.Add(store);
        NpgsqlParameterCollection parameters = store.Parameters;
        void Add<T>(NpgsqlDbType type, Func<AnswerRow, T> of) =>
            parameters.Add(
                new NpgsqlParameter<T[]>
                {
                    TypedValue = [.. together.Select(each => of(each.Row))],
                    NpgsqlDbType = NpgsqlDbType.Array | type,
                }
            );
        Add(NpgsqlDbType.Uuid, row => row.Id);
        Add(NpgsqlDbType.Uuid, row => row.AssignmentId);
        Add(NpgsqlDbType.Uuid, row => row.StudentId);
        Add(NpgsqlDbType.Integer, row => row.ItemIndex);
        Add(NpgsqlDbType.Integer, row => row.TriesAllowed);
        Add(NpgsqlDbType.Bigint, row => row.HistoryOf);
        Add(NpgsqlDbType.Integer, row => row.MarkerVersion);
        Add(NpgsqlDbType.Text, row => row.Response);
        Add(NpgsqlDbType.Text, row => row.Mark);
        Add(NpgsqlDbType.TimestampTz, row => row.ReceivedAt.ToUniversalTime());
        Add(NpgsqlDbType.TimestampTz, row => row.AnsweredAt?.ToUniversalTime());

        var written = new List<Written>(together.Count);
        await using NpgsqlDataReader reader = await batch.ExecuteReaderAsync();
        await reader.NextResultAsync();
        while (await reader.ReadAsync())
        {
            written.Add(
                new Written(
                    reader.GetBoolean(0),
                    reader.GetInt32(1),
                    reader.GetBoolean(2),
                    reader.GetBoolean(3),
                    await reader.IsDBNullAsync(4) ? null : reader.GetInt32(4)
                )
            );
        }
        return written;
    }
}
