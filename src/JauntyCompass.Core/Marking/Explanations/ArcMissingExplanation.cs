using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ArcMissing"/> is explained.</summary>
public sealed class ArcMissingExplanation : Explanation<MistakeStory, ArcMissing>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.ArcMissing.Happened,
            Text.Mistakes.ArcMissing.Next
        );
}
