using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SlipOfTheEye"/> is explained.</summary>
public sealed class SlipOfTheEyeExplanation : Explanation<MistakeStory, SlipOfTheEye>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        story.Context.Activity == Activity.Measuring
            ? new Feedback(
                story.Praise,
                Text.Mistakes.Slip.Measured,
                Text.Mistakes.Slip.MeasuredNext
            )
            : new Feedback(story.Praise, Text.Mistakes.Slip.Drawn, Text.Mistakes.Slip.DrawnNext);
}
