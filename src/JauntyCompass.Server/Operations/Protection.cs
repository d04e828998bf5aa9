using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.DataProtection.AuthenticatedEncryption;
using Microsoft.AspNetCore.DataProtection.AuthenticatedEncryption.ConfigurationModel;

namespace JauntyCompass.Server.Operations;

/// <summary>
/// What seals cookies and tokens. The keys lie in the database, so that all hosts have them, and are themselves sealed with a
/// certificate that lies outside it: whoever gets hold of a backup can make no cookie.
/// </summary>
public static class Protection
{
    /// <summary>Configuration: the file of the certificate (PKCS #12, without a password, readable by the application alone).</summary>
    public const string KeyFile = "KeyFile";

    public static void AddProtection(this IServiceCollection services, IConfiguration configuration)
    {
        IDataProtectionBuilder protection = services
            .AddDataProtection()
            .SetApplicationName("jaunty-compass")
            .UseCryptographicAlgorithms(
                new AuthenticatedEncryptorConfiguration
                {
                    EncryptionAlgorithm = EncryptionAlgorithm.AES_256_GCM,
                }
            )
            .PersistKeysToDbContext<JauntyDbContext>();
        if (configuration[KeyFile] is { Length: > 0 } file)
        {
            protection.ProtectKeysWithCertificate(Certificate(file));
        }
        RememberedProtection.Register(services);
        services.AddAntiforgery(options =>
        {
            options.HeaderName = Limits.AntiforgeryHeader;
            options.Cookie.Name = "jaunty-forgery";
            options.Cookie.SameSite = SameSiteMode.Strict;
            options.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
        });
    }

    private static X509Certificate2 Certificate(string file)
    {
        if (!File.Exists(file))
        {
            Make(file);
        }
        return X509CertificateLoader.LoadPkcs12FromFile(file, password: null);
    }

    // Nobody shows it to anybody: it only holds a key pair, and when it ends does not matter.
    private static void Make(string file)
    {
        using var key = RSA.Create(3072);
        var request = new CertificateRequest(
            "CN=Jaunty Compass keys",
            key,
            HashAlgorithmName.SHA256,
            RSASignaturePadding.Pkcs1
        );
        using X509Certificate2 made = request.CreateSelfSigned(
            DateTimeOffset.UtcNow.AddDays(-1),
            DateTimeOffset.UtcNow.AddYears(50)
        );
        string fresh = $"{file}.{Guid.NewGuid():N}";
        var options = new FileStreamOptions
        {
            Mode = FileMode.CreateNew,
            Access = FileAccess.Write,
        };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        }
        using (var stream = new FileStream(fresh, options))
        {
            stream.Write(made.Export(X509ContentType.Pkcs12));
        }
        // Of two hosts that start at the same moment the first one's stays.
        try
        {
            File.Move(fresh, file, overwrite: false);
        }
        catch (IOException) when (File.Exists(file))
        {
            File.Delete(fresh);
        }
    }
}
