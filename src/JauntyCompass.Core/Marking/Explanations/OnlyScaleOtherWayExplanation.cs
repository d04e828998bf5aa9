using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OnlyScaleOtherWay"/> is explained.</summary>
public sealed class OnlyScaleOtherWayExplanation : Explanation<MistakeStory, OnlyScaleOtherWay>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story)
    {
        string whole = Numbers.Plain(story.Context.FullScale);
        return story.Context.Activity == Activity.Measuring
            ? new Feedback(
                story.Praise,
                "The only scale counts the other way from there, so your number is what is left over.",
                $"Line up the other {story.Words.Arm}, so that zero lies on it; or take your number from {whole}."
            )
            : new Feedback(
                story.Praise,
                "Your dot stands at the right number, but the only scale counts towards the ray and not away from it.",
                $"Turn the protractor until zero lies on the ray; or take the measure from {whole} and make your dot there."
            );
    }

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);
}
