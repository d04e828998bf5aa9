using System.Security.Cryptography;
using System.Text;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Internal;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>What was opened a moment ago is not opened again, and nothing else is let through for it.</summary>
public sealed class RememberedProtectionTests : IDisposable
{
    private readonly Counted _inner = new(new EphemeralDataProtectionProvider());
    private readonly RememberedProtection _remembered;

    public RememberedProtectionTests() => _remembered = new RememberedProtection(_inner);

    public void Dispose() => _remembered.Dispose();

    [Fact]
    public void The_same_data_are_opened_once()
    {
        IDataProtector protector = _remembered.CreateProtector("cookie");
        byte[] data = protector.Protect("Wren"u8.ToArray());
        for (int i = 0; i < 5; i++)
        {
            byte[] opened = protector.Unprotect([.. data]);
            Encoding.UTF8.GetString(opened).ShouldBe("Wren");
            // What a reader does to its copy is nobody else's concern.
            opened.AsSpan().Clear();
        }
        _inner.Opened.ShouldBe(1);
    }

    [Fact]
    public void It_is_remembered_no_longer_than_promised()
    {
        var clock = new Clock();
        using var remembered = new RememberedProtection(_inner, clock);
        IDataProtector protector = remembered.CreateProtector("cookie");
        byte[] data = protector.Protect("Wren"u8.ToArray());
        protector.Unprotect(data);
        clock.UtcNow += RememberedProtection.Longest - TimeSpan.FromSeconds(1);
        protector.Unprotect(data);
        _inner.Opened.ShouldBe(1);
        clock.UtcNow += TimeSpan.FromSeconds(2);
        protector.Unprotect(data);
        _inner.Opened.ShouldBe(2);
    }

    [Fact]
    public void With_any_bit_changed_they_are_refused_as_before()
    {
        IDataProtector protector = _remembered.CreateProtector("cookie");
        byte[] data = protector.Protect("Wren"u8.ToArray());
        protector.Unprotect(data);
        for (int bit = 0; bit < data.Length * 8; bit++)
        {
            byte[] forged = [.. data];
            forged[bit / 8] ^= (byte)(1 << (bit % 8));
            Should.Throw<CryptographicException>(() => protector.Unprotect(forged));
        }
        Should.Throw<CryptographicException>(() => protector.Unprotect(data[..^1]));
        Should.Throw<CryptographicException>(() => protector.Unprotect([]));
    }

    [Fact]
    public void What_was_protected_for_one_purpose_opens_for_no_other()
    {
        byte[] data = _remembered.CreateProtector("student").Protect("Wren"u8.ToArray());
        _remembered.CreateProtector("student").Unprotect(data);
        Should.Throw<CryptographicException>(() =>
            _remembered.CreateProtector("teacher").Unprotect(data)
        );
        Should.Throw<CryptographicException>(() =>
            _remembered.CreateProtector("student").CreateProtector("v2").Unprotect(data)
        );
        byte[] within = _remembered
            .CreateProtector("student")
            .CreateProtector("v2")
            .Protect("Finch"u8.ToArray());
        for (int i = 0; i < 2; i++)
        {
            Encoding
                .UTF8.GetString(
                    _remembered.CreateProtector("student").CreateProtector("v2").Unprotect(within)
                )
                .ShouldBe("Finch");
        }
    }

    [Fact]
    public void It_stands_before_the_protection_of_the_application()
    {
        var services = new ServiceCollection();
        services.AddLogging().AddDataProtection();
        RememberedProtection.Register(services);
        using ServiceProvider provider = services.BuildServiceProvider();
        provider
            .GetRequiredService<IDataProtectionProvider>()
            .ShouldBeOfType<RememberedProtection>();
    }

    private sealed class Clock : ISystemClock
    {
        public DateTimeOffset UtcNow { get; set; } = DateTimeOffset.UnixEpoch;
    }

    /// <summary>Counts how often something is really opened.</summary>
    private sealed class Counted(IDataProtectionProvider inner) : IDataProtectionProvider
    {
        internal int Opened { get; private set; }

        public IDataProtector CreateProtector(string purpose) =>
            new Protector(this, inner.CreateProtector(purpose));

        private sealed class Protector(Counted counted, IDataProtector inner) : IDataProtector
        {
            public IDataProtector CreateProtector(string purpose) =>
                new Protector(counted, inner.CreateProtector(purpose));

            public byte[] Protect(byte[] plaintext) => inner.Protect(plaintext);

            public byte[] Unprotect(byte[] protectedData)
            {
                byte[] opened = inner.Unprotect(protectedData);
                counted.Opened++;
                return opened;
            }
        }
    }
}
