using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OnlyScaleOtherWay"/> is explained.</summary>
public sealed class OnlyScaleOtherWayExplanation : Explanation<MistakeStory, OnlyScaleOtherWay>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        story.Context.Activity == Activity.Measuring
            ? new Feedback(
                story.Praise,
                Text.Mistakes.OnlyScaleOtherWay.Measured,
                story.Context.IsFixed
                    ? Text.Mistakes.OnlyScaleOtherWay.FixedNext(story.Context.FullScale)
                    : Text.Mistakes.OnlyScaleOtherWay.MeasuredNext(story.Context.FullScale)
            )
            : new Feedback(
                story.Praise,
                Text.Mistakes.OnlyScaleOtherWay.Drawn,
                Text.Mistakes.OnlyScaleOtherWay.DrawnNext(story.Context.FullScale)
            );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);
}
