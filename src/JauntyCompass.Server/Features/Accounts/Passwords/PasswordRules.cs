using System.IO.Compression;
using System.Reflection;
using JauntyCompass.Locales;

namespace JauntyCompass.Server.Features.Accounts.Passwords;

/// <summary>
/// Which passwords are taken: by length, not by signs that must be in them, and none of the commonest (NIST SP 800-63B, revision
/// 4, section 3.1.1: at least 15 characters where nothing else protects the account; from memory).
/// </summary>
public static class PasswordRules
{
    /// <summary>The fewest characters.</summary>
    public const int Shortest = 15;

    /// <summary>The most characters.</summary>
    public const int Longest = 200;

    // Whoever types along a row, or counts, has not chosen a password.
    private static readonly string[] Rows =
    [
        "abcdefghijklmnopqrstuvwxyz",
        "qwertyuiopasdfghjklzxcvbnm",
        "1234567890",
        "0987654321",
    ];

    // The ten thousand commonest of the lists that come with the password estimator zxcvbn (MIT, D. Wheeler and Dropbox, 2012).
    // Compressed, since many of them are no words for a school.
    private static readonly Lazy<HashSet<string>> Commonest = new(Read);

    /// <summary>What is wrong with a password, null where nothing is.</summary>
    /// <param name="password">The password.</param>
    /// <param name="names">What it must not be made of: the user's own names.</param>
    public static Message? FaultOf(string password, params IEnumerable<string> names)
    {
        if (password.Length is < Shortest or > Longest)
        {
            return Text.Validation.Account.PasswordLength(Shortest, Longest);
        }
        string bare = new([.. password.ToLowerInvariant().Where(char.IsLetterOrDigit)]);
        string unit = Unit(bare);
        string word = Unit(unit.Trim("0123456789".ToCharArray()));
        bool common =
            unit.Length < 4
            || word.Length < 3
            || Commonest.Value.Contains(unit)
            || Commonest.Value.Contains(word)
            || Rows.Any(row => (row + row).Contains(unit, StringComparison.Ordinal));
        if (common)
        {
            return Text.Validation.Account.PasswordCommon;
        }
        return names.Any(n => n.Length >= 3 && word == Bare(n))
            ? Text.Validation.Account.PasswordOwnName
            : null;
    }

    private static string Bare(string text) =>
        new([.. text.ToLowerInvariant().Where(char.IsLetterOrDigit)]);

    // What a text repeats; the text itself where it repeats nothing.
    private static string Unit(string text)
    {
        for (int length = 1; length <= text.Length / 2; length++)
        {
            if (text.Where((c, i) => c != text[i % length]).Any())
            {
                continue;
            }
            return text[..length];
        }
        return text;
    }

    private static HashSet<string> Read()
    {
        Assembly assembly = typeof(PasswordRules).Assembly;
        string name = assembly
            .GetManifestResourceNames()
            .Single(n => n.EndsWith("commonest.txt.gz", StringComparison.Ordinal));
        using var reader = new StreamReader(
            new GZipStream(assembly.GetManifestResourceStream(name)!, CompressionMode.Decompress)
        );
        return
        [
            .. reader
                .ReadToEnd()
                .Split(
                    '\n',
                    StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
                ),
        ];
    }
}
