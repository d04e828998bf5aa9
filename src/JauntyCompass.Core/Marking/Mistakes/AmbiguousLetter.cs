using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>One letter was used where several angles share the vertex.</summary>
public sealed class AmbiguousLetter()
    : NamingMistake(
        "ambiguous-letter",
        "used one letter where several angles share the vertex",
        0.015
    )
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Draw a third ray from a vertex and ask which angle its letter now names.";

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.AmbiguousLetter;
}
