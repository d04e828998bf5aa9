using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>An angle was named with two letters.</summary>
public sealed class TwoLetters() : NamingMistake("two-letters", Text.Mistakes.TwoLetters.Name, 0.01)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.TwoLetters.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.TwoLetters;
}
