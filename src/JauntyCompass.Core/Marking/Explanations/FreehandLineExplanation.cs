using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="FreehandLine"/> is explained.</summary>
public sealed class FreehandLineExplanation : Explanation<MistakeStory, FreehandLine>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Your line wavers, so the angle is a little different at every place.",
            $"Lay the {story.Words.Straightedge} on and draw along it."
        );
}
