using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="RanOnBehindVertex"/> is explained.</summary>
public sealed class RanOnBehindVertexExplanation : Explanation<MistakeStory, RanOnBehindVertex>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.RanOnBehindVertex.Happened(story.Figure?.RunsOn ?? 0),
            Text.Mistakes.RanOnBehindVertex.Next
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
