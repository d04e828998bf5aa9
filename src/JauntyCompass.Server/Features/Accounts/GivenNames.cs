using System.Globalization;
using System.Text;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>How given names are written, compared and told apart.</summary>
public static class GivenNames
{
    /// <summary>The most characters a name may have.</summary>
    public const int Longest = 40;

    // Letters of other alphabets, and digits, that look like a Latin letter in most fonts: the commonest of the list that goes with
    // Unicode Technical Standard 39 (from memory).
    private const string Lookalikes =
        "АAВBЕEКKМMНHОOРPСCТTУYХXІIЈJЅSԚQԜWҺHӀIΑAΒBΕEΖZΗHΙIΚKΜMΝNΟOΡPΤTΥYΧXՕOՏSႽSᏴB0O5S";

    private static readonly Dictionary<char, char> LooksLike = Enumerable
        .Range(0, Lookalikes.Length / 2)
        .ToDictionary(i => Lookalikes[2 * i], i => Lookalikes[2 * i + 1]);

    // A capital i, a small L and a one are told apart in few fonts; a small i and a capital L in all.
    private const char Stroke = '|';
    private const string Strokes = "Il1|ІΙӀ";

    // Letters by name, blanks by look.
    private const string BlankLetters = "\u115F\u1160\u3164\uFFA0\u2800";

    /// <summary>A name as it is kept: letters composed, one space between its parts.</summary>
    public static string Clean(string name) =>
        string.Join(
            ' ',
            name.Normalize(NormalizationForm.FormC)
                .Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
        );

    /// <summary>What is wrong with a name, null where nothing is.</summary>
    public static Message? FaultOf(string name)
    {
        string text = name.Trim();
        if (!ValidationErrors.IsWellFormed(text) || text.Any(IsInvisible))
        {
            return Text.Validation.Account.Invisible;
        }
        if (text.Length is 0 or > Longest)
        {
            return Text.Validation.Characters(1, Longest, text.Length);
        }
        return text.Any(char.IsLetter) ? null : Text.Validation.Account.NeedsALetter;
    }

    /// <summary>A name as it is compared: composed and decomposed letters, capitals and spaces make no difference.</summary>
    public static string KeyOf(string name)
    {
        if (!ValidationErrors.IsWellFormed(name))
        {
            return "";
        }
        string same = Clean(name.Normalize(NormalizationForm.FormKC))
            .ToUpperInvariant()
            .Replace("ß", "SS", StringComparison.Ordinal)
            .Replace("ẞ", "SS", StringComparison.Ordinal);
        return same.Length <= Longest ? same : same[..Longest];
    }

    /// <summary>A name as it looks: two that look alike come out the same.</summary>
    public static string LookOf(string name)
    {
        var look = new StringBuilder();
        if (!ValidationErrors.IsWellFormed(name))
        {
            return "";
        }
        foreach (char letter in Clean(name.Normalize(NormalizationForm.FormKC)))
        {
            if (Strokes.Contains(letter, StringComparison.Ordinal))
            {
                look.Append(Stroke);
            }
            else if (char.IsLetterOrDigit(letter))
            {
                char capital = char.ToUpperInvariant(letter);
                look.Append(LooksLike.GetValueOrDefault(capital, capital));
            }
        }
        return look.ToString();
    }

    private static bool IsInvisible(char letter) =>
        BlankLetters.Contains(letter, StringComparison.Ordinal)
        || (letter is >= '\uFE00' and <= '\uFE0F')
        || char.GetUnicodeCategory(letter)
            is UnicodeCategory.Control
                or UnicodeCategory.Format
                or UnicodeCategory.LineSeparator
                or UnicodeCategory.ParagraphSeparator
                or UnicodeCategory.PrivateUse
                or UnicodeCategory.OtherNotAssigned;
}
