using Microsoft.AspNetCore.DataProtection;
using Microsoft.Extensions.Caching.Memory;
using Microsoft.Extensions.Internal;

namespace JauntyCompass.Server.Features.Accounts.SigningIn;

/// <summary>
/// Remembers for a moment what protected data came to: a browser sends the same cookies and the same token with every answer, and to
/// open them anew each time costs more than to mark the answer. Whoever uses the data still checks whether it has expired.
/// </summary>
/// <param name="inner">What protects.</param>
/// <param name="clock">Tells how long something has been remembered; null: the system's.</param>
public sealed class RememberedProtection(IDataProtectionProvider inner, ISystemClock? clock = null)
    : IDataProtectionProvider,
        IDisposable
{
    /// <summary>Nothing is remembered for longer; so long a key that was revoked may still open something.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromMinutes(2);

    // Enough for three hundred students and their tokens many times over; when all are taken, the rest is opened each time.
    private const int Most = 5000;

    // As much as browsers keep in a cookie; nothing larger is asked for again and again.
    private const int LargestData = 4096;

    private readonly MemoryCache _known = new(
        new MemoryCacheOptions { SizeLimit = Most, Clock = clock }
    );

    /// <inheritdoc/>
    public IDataProtector CreateProtector(string purpose) =>
        new Protector(inner.CreateProtector(purpose), purpose, _known);

    /// <inheritdoc/>
    public void Dispose() => _known.Dispose();

    /// <summary>Puts it before the protection that is registered.</summary>
    public static void Register(IServiceCollection services)
    {
        Func<IServiceProvider, object> plain = services
            .Last(s => s.ServiceType == typeof(IDataProtectionProvider))
            .ImplementationFactory!;
        services.AddSingleton<IDataProtectionProvider>(provider => new RememberedProtection(
            (IDataProtectionProvider)plain(provider)
        ));
    }

    private sealed class Protector(IDataProtector inner, string purpose, MemoryCache known)
        : IDataProtector
    {
        // Purposes may hold anything but this between them.
        private const char Within = '\u001f';

        public IDataProtector CreateProtector(string within) =>
            new Protector(inner.CreateProtector(within), purpose + Within + within, known);

        public byte[] Protect(byte[] plaintext) => inner.Protect(plaintext);

        public byte[] Unprotect(byte[] protectedData)
        {
            if (known.TryGetValue(new Sealed(purpose, protectedData), out byte[]? opened))
            {
                return [.. opened!];
            }
            opened = inner.Unprotect(protectedData);
            if (protectedData.Length <= LargestData)
            {
                known.Set(
                    new Sealed(purpose, [.. protectedData]),
                    (byte[])[.. opened],
                    new MemoryCacheEntryOptions
                    {
                        Size = 1,
                        AbsoluteExpirationRelativeToNow = Longest,
                    }
                );
            }
            return opened;
        }
    }

    /// <summary>Protected data for a purpose, equal only where every byte is. They end with a seal, which is as good as random.</summary>
    private sealed class Sealed(string purpose, byte[] data) : IEquatable<Sealed>
    {
        private readonly string _purpose = purpose;
        private readonly byte[] _data = data;

        public bool Equals(Sealed? other) =>
            other is not null
            && _purpose == other._purpose
            && _data.AsSpan().SequenceEqual(other._data);

        public override bool Equals(object? obj) => Equals(obj as Sealed);

        public override int GetHashCode() =>
            _data.Length < sizeof(int)
                ? 0
                : BitConverter.ToInt32(_data, _data.Length - sizeof(int));
    }
}
