using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="GapAtVertex"/> is explained.</summary>
public sealed class GapAtVertexExplanation : Explanation<MistakeStory, GapAtVertex>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your ray starts {Numbers.Millimetres(story.Figure?.Gap ?? 0)} away from the vertex, so the two {story.Words.Arm}s do not meet.",
            $"Put the {story.Words.Straightedge} on the vertex and the dot, then draw from the vertex outward."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Figure?.Ray.Value is not StrokeLine ray)
        {
            return null;
        }
        Point vertex = story.Figure.Vertex;
        return new MarkPicture
        {
            Rings = [new PictureRing(vertex, 4)],
            Lines = [new PictureLine(ray.NearestTo(vertex), vertex, Arrow: true)],
            Note = new PictureNote(
                "start here",
                vertex.Towards(story.Context.Angle.Bisector.Opposite, 14)
            ),
        };
    }
}
