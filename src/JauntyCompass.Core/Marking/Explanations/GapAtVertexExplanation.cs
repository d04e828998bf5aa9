using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="GapAtVertex"/> is explained.</summary>
public sealed class GapAtVertexExplanation : Explanation<MistakeStory, GapAtVertex>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.GapAtVertex.Happened(story.Figure?.Gap ?? 0),
            Text.Mistakes.GapAtVertex.Next
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
                Text.Mistakes.GapAtVertex.Note,
                vertex.Towards(story.Context.Angle.Bisector.Opposite, 14)
            ),
        };
    }
}
