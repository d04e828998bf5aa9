using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MissedOwnDot"/> is explained.</summary>
public sealed class MissedOwnDotExplanation : Explanation<MistakeStory, MissedOwnDot>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your ray passes {Numbers.Millimetres(story.Figure?.DotMiss ?? 0)} beside your own dot.",
            $"Lay the {story.Words.Straightedge} a hair beside the dot, so that the line itself runs through it."
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
            Note = new PictureNote("through the dot", dot.Towards(outward, 12)),
        };
    }
}
