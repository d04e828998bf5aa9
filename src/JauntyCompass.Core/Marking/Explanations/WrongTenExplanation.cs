using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="WrongTen"/> is explained.</summary>
public sealed class WrongTenExplanation : Explanation<MistakeStory, WrongTen>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            story.Context.Instrument.LabelEvery switch
            {
                10 => Text.Mistakes.WrongTen.OfTens,
                0 => Text.Mistakes.WrongTen.OfMarks,
                _ => Text.Mistakes.WrongTen.OfLabels,
            },
            story.Context.Activity == Activity.Measuring
                ? Text.Mistakes.WrongTen.MeasuredNext
                : Text.Mistakes.WrongTen.DrawnNext
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);
}
