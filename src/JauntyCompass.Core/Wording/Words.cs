using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>
/// The words a class uses, each chosen from those that its language offers. Every caption, question, hint and feedback sentence is made
/// from them. Where none is chosen, the usual one of the language stands.
/// </summary>
/// <param name="Arm">What a side of an angle is called.</param>
/// <param name="CentreMark">What the mark that goes on the vertex is called.</param>
/// <param name="ZeroLine">What the line through the two zeros is called.</param>
/// <param name="Straightedge">What lines are drawn with.</param>
/// <param name="StartingArm">How the arm that is lined up first is told from the other.</param>
/// <param name="Anticlockwise">The turn against the hands of a clock.</param>
/// <param name="InnerScale">What the inner one of two scales is called.</param>
/// <param name="OuterScale">What the outer one of two scales is called.</param>
public sealed record Words(
    string? Arm = null,
    string? CentreMark = null,
    string? ZeroLine = null,
    string? Straightedge = null,
    string? StartingArm = null,
    string? Anticlockwise = null,
    string? InnerScale = null,
    string? OuterScale = null
)
{
    /// <summary>The words used where a class has chosen none.</summary>
    public static Words Usual { get; } = new();

    /// <summary>The words that were chosen, by what they are for.</summary>
    internal IReadOnlyDictionary<string, string> ByUse =>
        new Dictionary<string, string?>
        {
            ["arm"] = Arm,
            ["centreMark"] = CentreMark,
            ["zeroLine"] = ZeroLine,
            ["straightedge"] = Straightedge,
            ["startingArm"] = StartingArm,
            ["anticlockwise"] = Anticlockwise,
            ["innerScale"] = InnerScale,
            ["outerScale"] = OuterScale,
        }
            .Where(chosen => chosen.Value is not null)
            .ToDictionary(chosen => chosen.Key, chosen => chosen.Value!);

    /// <summary>Requires every word to be one that a language offers.</summary>
    internal void Validate(ValidationErrors errors, Language language)
    {
        foreach ((string use, string word) in ByUse)
        {
            errors.OneOf($"words.{use}", word, language.Words[use].Keys);
        }
    }
}
