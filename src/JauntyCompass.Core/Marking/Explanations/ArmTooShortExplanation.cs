using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Observations;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ArmTooShort"/> is explained.</summary>
public sealed class ArmTooShortExplanation : Explanation<MistakeStory, ArmTooShort>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your ray stops {Numbers.Millimetres(ArmTooShortObservation.Missing(story.Figure))} before the graduations, too short to measure again.",
            $"Draw on with the {story.Words.Straightedge} until the ray passes the rim. Longer {story.Words.Arm}s do not change the angle."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Figure?.Ray.Value is not StrokeLine ray)
        {
            return null;
        }
        Point tip = ray.Far.Towards(
            ray.Direction,
            ArmTooShortObservation.Missing(story.Figure) + 6
        );
        return new MarkPicture
        {
            Lines = [new PictureLine(ray.Far, tip, Arrow: true)],
            Note = new PictureNote("on to here", tip.Towards(ray.Direction, 8)),
        };
    }
}
