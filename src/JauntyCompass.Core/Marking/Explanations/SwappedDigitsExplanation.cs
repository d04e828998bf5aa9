using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SwappedDigits"/> is explained.</summary>
public sealed class SwappedDigitsExplanation : Explanation<MistakeStory, SwappedDigits>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.SwappedDigits.Happened,
            Text.Mistakes.SwappedDigits.Next
        );
}
