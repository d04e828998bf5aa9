using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MissedOwnDot"/> is explained.</summary>
public sealed class MissedOwnDotExplanation : Explanation<MistakeStory, MissedOwnDot>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.MissedOwnDot.Happened(story.Figure?.DotMiss ?? 0),
            Text.Mistakes.MissedOwnDot.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Figure is not { Dot.Value: Point dot, Ray.Value: StrokeLine ray })
        {
            return null;
        }
        Direction outward = Direction.Between(story.Figure.Vertex, dot);
        return new MarkPicture
        {
            Rings = [new PictureRing(dot, 3)],
            Lines = [new PictureLine(ray.NearestTo(dot), dot, Arrow: true)],
            Note = new PictureNote(Text.Mistakes.MissedOwnDot.Note, dot.Towards(outward, 12)),
        };
    }
}
