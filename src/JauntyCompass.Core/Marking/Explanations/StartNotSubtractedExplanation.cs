using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="StartNotSubtracted"/> is explained.</summary>
public sealed class StartNotSubtractedExplanation : Explanation<MistakeStory, StartNotSubtracted>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        story.Phrasing.Feedback(
            null,
            Text.Mistakes.StartNotSubtracted.Happened,
            Text.Mistakes.StartNotSubtracted.Next
        );
}
