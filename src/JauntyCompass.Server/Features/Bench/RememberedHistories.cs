using Microsoft.Extensions.Caching.Memory;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>
/// What students' first tries said when this host last saw them. It is only a guess that saves reading them again: the database
/// stores no mark that was made with another history than the one it holds.
/// </summary>
public sealed class RememberedHistories : IDisposable
{
    // Some thousand students at work at once. Of each answer a few thousand numbers are kept, some ten kilobytes: 200 MB at most.
    private const int MostAnswers = 20_000;
    private static readonly TimeSpan Kept = TimeSpan.FromMinutes(5);

    private readonly MemoryCache _known = new(new MemoryCacheOptions { SizeLimit = MostAnswers });

    /// <summary>The history of a student at an assignment as it was seen last, or null.</summary>
    public StudentHistory? Of(Guid assignmentId, Guid studentId) =>
        _known.Get<StudentHistory>((assignmentId, studentId));

    /// <summary>Remembers it.</summary>
    public void Remember(Guid assignmentId, Guid studentId, StudentHistory history) =>
        _known.Set(
            (assignmentId, studentId),
            history,
            new MemoryCacheEntryOptions
            {
                Size = 1 + history.Count,
                AbsoluteExpirationRelativeToNow = Kept,
            }
        );

    /// <inheritdoc/>
    public void Dispose() => _known.Dispose();
}
