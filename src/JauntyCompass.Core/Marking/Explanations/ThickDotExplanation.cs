using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ThickDot"/> is explained.</summary>
public sealed class ThickDotExplanation : Explanation<MistakeStory, ThickDot>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your dot is {Numbers.Millimetres(story.Figure?.DotWidth ?? 0)} wide, and that is more than a degree.",
            "Set the sharp point down and lift it again: a dot is only as large as the point."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) =>
        story.Figure?.Dot.Value is Point dot
            ? new MarkPicture { Rings = [new PictureRing(dot, 4)] }
            : null;
}
