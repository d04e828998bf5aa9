using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>One letter was used where several angles share the vertex.</summary>
public sealed class AmbiguousLetter()
    : ChoiceMistake(
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
    public override Feedback Tell(Speech say) =>
        new(
            null,
            "Several angles stand at this vertex, so one letter does not say which is meant.",
            "Use three letters here, the vertex in the middle."
        );
}
