using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>It was filled up to 90 instead of 180.</summary>
public sealed class ComplementForSupplement()
    : ChoiceMistake(
        "complement-for-supplement",
        "filled up to a right angle instead of a straight one",
        0.015
    )
{
    /// <inheritdoc/>
    public override string Remedy => "Lay both pairs along a corner and along an edge.";

    /// <inheritdoc/>
    public override string? Demonstration => "draw-supplement";

    /// <inheritdoc/>
    public override Feedback Tell(Speech say) =>
        new(
            null,
            "Together the two make a right angle. A supplement fills up a straight line.",
            "Draw the whole straight line first, then the ray."
        );
}
