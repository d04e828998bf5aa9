using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TicksBackwards"/> is explained.</summary>
public sealed class TicksBackwardsExplanation : Explanation<MistakeStory, TicksBackwards>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.TicksBackwards.Happened,
            Text.Mistakes.TicksBackwards.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);
}
