using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ArcMissing"/> is explained.</summary>
public sealed class ArcMissingExplanation : Explanation<MistakeStory, ArcMissing>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "No arc shows yet which opening you mean.",
            "Mark the arc between the two arms."
        );
}
