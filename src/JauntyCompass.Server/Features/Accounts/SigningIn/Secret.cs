using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;

namespace JauntyCompass.Server.Features.Accounts.SigningIn;

/// <summary>Random keys that are told once and kept only as a hash: of sessions, one-time addresses and cards.</summary>
public static class Secret
{
    // 192 bits: far more than can be tried, and short enough for a small QR code.
    private const int Bytes = 24;

    /// <summary>Characters of a key as text.</summary>
    public static readonly int Length = Base64Url.GetEncodedLength(Bytes);

    /// <summary>A new key, 32 characters that may stand in an address.</summary>
    public static string New() => Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(Bytes));

    /// <summary>What is kept of a key. A plain hash is enough, since a key is random and long.</summary>
    public static byte[] HashOf(string key) => SHA256.HashData(Encoding.UTF8.GetBytes(key));
}
