using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="RanOnBehindVertex"/> is explained.</summary>
public sealed class RanOnBehindVertexExplanation : Explanation<MistakeStory, RanOnBehindVertex>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your ray starts {Numbers.Millimetres(story.Figure?.RunsOn ?? 0)} behind the vertex and runs through it.",
            $"Set the pencil down on the vertex itself, then draw along the {story.Words.Straightedge}."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) =>
        story.Figure?.Ray.Value is StrokeLine ray
            ? new MarkPicture
            {
                Rings = [new PictureRing(ray.Near, 3)],
                Lines = [new PictureLine(ray.Near, story.Figure.Vertex, Arrow: true)],
            }
            : null;
}
