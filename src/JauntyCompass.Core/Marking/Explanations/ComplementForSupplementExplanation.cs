using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ComplementForSupplement"/> is explained.</summary>
public sealed class ComplementForSupplementExplanation
    : Explanation<MistakeStory, ComplementForSupplement>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Together the two make a right angle. A supplement fills up a straight line.",
            "Draw the whole straight line first, then the ray."
        );
}
