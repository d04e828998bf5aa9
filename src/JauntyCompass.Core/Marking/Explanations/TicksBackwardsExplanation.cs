using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TicksBackwards"/> is explained.</summary>
public sealed class TicksBackwardsExplanation : Explanation<MistakeStory, TicksBackwards>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Your ten is right. Then the small graduations were counted from the far label back.",
            "Count the ones the way the numbers grow: from the smaller label towards the larger."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);
}
