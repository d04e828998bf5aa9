using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ThickDot"/> is explained.</summary>
public sealed class ThickDotExplanation : Explanation<MistakeStory, ThickDot>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.ThickDot.Happened(story.Figure?.DotWidth ?? 0),
            Text.Mistakes.ThickDot.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) =>
        story.Figure?.Dot.Value is Point dot
            ? new MarkPicture { Rings = [new PictureRing(dot, 4)] }
            : null;
}
