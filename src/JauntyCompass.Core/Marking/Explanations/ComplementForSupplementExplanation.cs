using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ComplementForSupplement"/> is explained.</summary>
public sealed class ComplementForSupplementExplanation
    : Explanation<MistakeStory, ComplementForSupplement>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.ComplementForSupplement.Happened,
            Text.Mistakes.ComplementForSupplement.Next
        );
}
