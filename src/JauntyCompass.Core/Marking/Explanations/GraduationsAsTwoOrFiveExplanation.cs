using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="GraduationsAsTwoOrFive"/> is explained.</summary>
public sealed class GraduationsAsTwoOrFiveExplanation
    : Explanation<MistakeStory, GraduationsAsTwoOrFive>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.GraduationsAsTwoOrFive.Happened,
            Text.Mistakes.GraduationsAsTwoOrFive.Next(
                story.Context.Instrument.CountedBy / story.Context.Instrument.SmallestGraduation,
                story.Context.Instrument.SmallestGraduation
            )
        );
}
