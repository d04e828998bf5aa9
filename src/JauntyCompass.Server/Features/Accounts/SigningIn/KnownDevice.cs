using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.AspNetCore.DataProtection;

namespace JauntyCompass.Server.Features.Accounts.SigningIn;

/// <summary>
/// A device at which people have signed in before. It carries this itself, sealed: whoever has not signed in here cannot make it
/// up. It opens nothing; it only keeps others' wrong tries from locking its people out.
/// </summary>
/// <param name="Id">A random id of the device.</param>
/// <param name="People">Hashes of those who signed in here, the latest last.</param>
public sealed record KnownDevice(Guid Id, IReadOnlyList<byte[]> People)
{
    private const string CookieName = "jaunty-device";
    private const string Purpose = "JauntyCompass.KnownDevice.1";
    private static readonly TimeSpan Kept = TimeSpan.FromDays(180);

    // A whole class may share one tablet. Of each hash so many bytes tell them apart.
    private const int MostPeople = 40;
    private const int BytesOfEach = 12;

    /// <summary>Whether someone has signed in here before.</summary>
    public bool Knows(byte[] subject) => People.Any(p => p.AsSpan().SequenceEqual(Short(subject)));

    /// <summary>The device a request comes from.</summary>
    public static KnownDevice Of(HttpContext context)
    {
        if (context.Request.Cookies[CookieName] is string sealedText)
        {
            try
            {
                return JsonSerializer.Deserialize<KnownDevice>(
                        Protector(context).Unprotect(sealedText)
                    ) ?? New();
            }
            catch (CryptographicException)
            {
                // Made up, or sealed with a key that is gone: a device like any other.
            }
        }
        return New();
    }

    /// <summary>Remembers at the device that someone has signed in there.</summary>
    public void Remember(byte[] subject, HttpContext context)
    {
        var known = new KnownDevice(
            Id,
            [
                .. People
                    .Where(p => !p.AsSpan().SequenceEqual(Short(subject)))
                    .TakeLast(MostPeople - 1),
                Short(subject).ToArray(),
            ]
        );
        context.Response.Cookies.Append(
            CookieName,
            Protector(context).Protect(JsonSerializer.Serialize(known)),
            new CookieOptions
            {
                HttpOnly = true,
                IsEssential = true,
                MaxAge = Kept,
                SameSite = SameSiteMode.Strict,
                Secure = context.Request.IsHttps,
            }
        );
    }

    private static KnownDevice New() => new(Guid.NewGuid(), []);

    private static ReadOnlySpan<byte> Short(byte[] subject) => subject.AsSpan(0, BytesOfEach);

    private static IDataProtector Protector(HttpContext context) =>
        context
            .RequestServices.GetRequiredService<IDataProtectionProvider>()
            .CreateProtector(Purpose);
}
