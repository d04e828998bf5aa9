using System.Threading.Channels;
using JauntyCompass.Server.Storage;
using Npgsql;
using NpgsqlTypes;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An answer with its mark, as it goes into the database.</summary>
public sealed record AnswerRow(
    Guid Id,
    Guid AssignmentId,
    Guid StudentId,
    int ItemIndex,
    int TriesAllowed,
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
/// <param name="Try">Which try it is, from 1; null when it was not stored.</param>
public readonly record struct Written(bool StudentKnown, int TriesBefore, bool Closed, int? Try);

/// <summary>
/// Stores answers. Those that come while others are being written wait for each other and go in one round trip and one commit, so
/// that a whole school that hands in at once waits for the disk a few times and not once for each answer.
/// </summary>
public sealed class AnswerWriter(IServiceProvider services) : BackgroundService
{
    private const int MostAtOnce = 100;

    // The whole decision in one statement, so that no two requests can come between counting the tries and storing. An id or a try
    // that is taken already stores nothing.
    private const string StoreOnce = """
        WITH state AS (
          SELECT (SELECT count(*) FROM answers
                  WHERE assignment_id = $2 AND student_id = $3 AND item_index = $4)::int AS tries,
                 EXISTS (SELECT FROM assignments WHERE id = $2 AND closed_at IS NOT NULL) AS closed
          FROM students WHERE id = $3),
        added AS (
          INSERT INTO answers (id, assignment_id, student_id, item_index, try, response, received_at, answered_at)
          SELECT $1, $2, $3, $4, tries + 1, $7::json, $9, $10
          FROM state WHERE tries < $5 AND NOT closed
          ON CONFLICT DO NOTHING RETURNING try),
        cleared AS (
          DELETE FROM drafts WHERE assignment_id = $2 AND student_id = $3 AND item_index = $4),
        marked AS (
          INSERT INTO marks (answer_id, marker_version, mark) SELECT $1, $6, $8::json FROM added)
        SELECT state.tries, state.closed, added.try FROM state LEFT JOIN added ON true
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
            batch.Clear();
            while (batch.Count < MostAtOnce && _waiting.Reader.TryRead(out Waiting? next))
            {
                batch.Add(next);
            }
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
        foreach (Waiting each in together)
        {
            batch.BatchCommands.Add(Command(each.Row));
        }
        var written = new List<Written>(together.Count);
        await using NpgsqlDataReader reader = await batch.ExecuteReaderAsync();
        do
        {
            written.Add(
                await reader.ReadAsync()
                    ? new Written(
                        StudentKnown: true,
                        reader.GetInt32(0),
                        reader.GetBoolean(1),
                        await reader.IsDBNullAsync(2) ? null : reader.GetInt32(2)
                    )
                    : default
            );
        } while (await reader.NextResultAsync());
        return written;
    }

    private static NpgsqlBatchCommand Command(AnswerRow row)
    {
        var command = new NpgsqlBatchCommand(StoreOnce);
        NpgsqlParameterCollection parameters = command.Parameters;
        parameters.Add(new NpgsqlParameter<Guid> { TypedValue = row.Id });
        parameters.Add(new NpgsqlParameter<Guid> { TypedValue = row.AssignmentId });
        parameters.Add(new NpgsqlParameter<Guid> { TypedValue = row.StudentId });
        parameters.Add(new NpgsqlParameter<int> { TypedValue = row.ItemIndex });
        parameters.Add(new NpgsqlParameter<int> { TypedValue = row.TriesAllowed });
        parameters.Add(new NpgsqlParameter<int> { TypedValue = row.MarkerVersion });
        parameters.Add(new NpgsqlParameter<string> { TypedValue = row.Response });
        parameters.Add(new NpgsqlParameter<string> { TypedValue = row.Mark });
        parameters.Add(new NpgsqlParameter<DateTimeOffset> { TypedValue = row.ReceivedAt });
        parameters.Add(
            new NpgsqlParameter
            {
                NpgsqlDbType = NpgsqlDbType.TimestampTz,
                Value = (object?)row.AnsweredAt?.ToUniversalTime() ?? DBNull.Value,
            }
        );
        return command;
    }
}
