using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ZeroLineOff"/> is explained.</summary>
public sealed class ZeroLineOffExplanation : Explanation<MistakeStory, ZeroLineOff>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story)
    {
        string off = story.Context.Laid is LaidAngle laid
            ? $"stood {story.Phrasing.Degrees(Math.Abs(laid.Alignment.ZeroLineOff))} off the {story.Words.Arm}"
            : $"seems to have stood a little off the {story.Words.Arm}";
        return new Feedback(
            story.Praise,
            $"You read what was there, but the {story.Words.ZeroLine} {off}.",
            $"Keep the {story.Words.CentreMark} still and turn until the {story.Words.Arm} runs out exactly at zero."
        );
    }

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.OffTheArm(story);
}
