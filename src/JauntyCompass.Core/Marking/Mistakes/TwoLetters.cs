using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>An angle was named with two letters.</summary>
public sealed class TwoLetters()
    : NamingMistake("two-letters", "named an angle with two letters", 0.01)
{
    /// <inheritdoc/>
    public override string Remedy => "Set names of rays and names of angles side by side.";

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.TwoLetters;
}
