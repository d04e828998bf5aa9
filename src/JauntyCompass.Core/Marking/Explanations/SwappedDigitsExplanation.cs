using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SwappedDigits"/> is explained.</summary>
public sealed class SwappedDigitsExplanation : Explanation<MistakeStory, SwappedDigits>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Both digits are there, but they changed places.",
            "Read your number aloud and hold it against what you wrote."
        );
}
