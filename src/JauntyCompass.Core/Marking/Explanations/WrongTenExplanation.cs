using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="WrongTen"/> is explained.</summary>
public sealed class WrongTenExplanation : Explanation<MistakeStory, WrongTen>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            Happened(story.Context.Instrument),
            story.Context.Activity == Activity.Measuring
                ? $"Say the labels aloud as you pass them. Which is the last before the {story.Words.Arm}?"
                : "Say the labels aloud as you pass them. Which is the last before your measure?"
        );

    private static string Happened(Protractor instrument) =>
        instrument.LabelEvery switch
        {
            10 => "Your ones are right, but they belong to another ten.",
            0 => "You counted one mark too many or too few.",
            _ => "The small steps are right, but they belong to another label.",
        };

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);
}
