using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Observations;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ArmTooShort"/> is explained.</summary>
public sealed class ArmTooShortExplanation : Explanation<MistakeStory, ArmTooShort>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.ArmTooShort.Happened(ArmTooShortObservation.Missing(story.Figure)),
            Text.Mistakes.ArmTooShort.Next
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
            Note = new PictureNote(Text.Mistakes.ArmTooShort.Note, tip.Towards(ray.Direction, 8)),
        };
    }
}
