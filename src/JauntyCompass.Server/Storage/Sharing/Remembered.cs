using System.Buffers;
using System.Diagnostics.CodeAnalysis;
using Microsoft.Extensions.Caching.Hybrid;

namespace JauntyCompass.Server.Storage.Sharing;

/// <summary>Something immutable that a host remembers as it is.</summary>
public interface IRemembered
{
    /// <summary>About how much memory it takes, in kilobytes, at least 1.</summary>
    int Kilobytes { get; }
}

/// <summary>
/// The cache weighs what it keeps by its serialized form. Ours is never serialized, since it never leaves the process: it writes
/// as many bytes as it has kilobytes, and the limit of the cache is told likewise.
/// </summary>
internal sealed class RememberedWeight : IHybridCacheSerializerFactory
{
    /// <summary>The most that is remembered, in kilobytes.</summary>
    internal const int Most = 64 * 1024;

    public bool TryCreateSerializer<T>(
        [NotNullWhen(true)] out IHybridCacheSerializer<T>? serializer
    )
    {
        bool ours = typeof(T).IsAssignableTo(typeof(IRemembered));
        serializer = ours ? new Weight<T>() : null;
        return ours;
    }

    private sealed class Weight<T> : IHybridCacheSerializer<T>
    {
        public void Serialize(T value, IBufferWriter<byte> target)
        {
            int bytes = value is IRemembered known ? Math.Clamp(known.Kilobytes, 1, Most / 4) : 1;
            target.GetSpan(bytes)[..bytes].Clear();
            target.Advance(bytes);
        }

        public T Deserialize(ReadOnlySequence<byte> source) =>
            throw new NotSupportedException("What is remembered never leaves the process.");
    }
}
