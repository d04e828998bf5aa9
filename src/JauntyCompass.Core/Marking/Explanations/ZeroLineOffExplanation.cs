using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ZeroLineOff"/> is explained.</summary>
public sealed class ZeroLineOffExplanation : Explanation<MistakeStory, ZeroLineOff>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            story.Context.Laid is LaidAngle laid
                ? Text.Mistakes.ZeroLineOff.Seen(Math.Abs(laid.Alignment.ZeroLineOff))
                : Text.Mistakes.ZeroLineOff.Guessed,
            Text.Mistakes.ZeroLineOff.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.OffTheArm(story);
}
