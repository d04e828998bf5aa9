using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>One letter was used where several angles share the vertex.</summary>
public sealed class AmbiguousLetter()
    : NamingMistake("ambiguous-letter", Text.Mistakes.AmbiguousLetter.Name, 0.015)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.AmbiguousLetter.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.AmbiguousLetter;
}
