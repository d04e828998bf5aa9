using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle was drawn well, but with the arc in the smaller opening.</summary>
public sealed class ReflexArcInside()
    : ChoiceMistake("reflex-arc-inside", "drew a reflex angle with the arc inside", 0.03)
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Rub out the arc of a reflex drawing and ask what it now shows.";

    /// <inheritdoc/>
    public override string? Demonstration => "told-reflex-arc-inside";

    /// <inheritdoc/>
    public override Feedback Explain(Phrasing say) =>
        new(
            null,
            "Your rays stand right. The arc marks the smaller opening.",
            "Put the arc on the outside: it says which of the two is meant."
        );
}
