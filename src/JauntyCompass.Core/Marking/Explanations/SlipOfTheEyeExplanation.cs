using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SlipOfTheEye"/> is explained.</summary>
public sealed class SlipOfTheEyeExplanation : Explanation<MistakeStory, SlipOfTheEye>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        story.Context.Activity == Activity.Measuring
            ? new Feedback(
                story.Praise,
                "You are on the right scale and in the right ten; only the last graduations slipped.",
                "Look straight down on the rim and count the ones once more."
            )
            : new Feedback(
                story.Praise,
                "You did the right thing; it came out a graduation or two beside.",
                "Make a small sharp dot and look straight down on the rim."
            );
}
