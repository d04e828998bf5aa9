using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="GraduationsAsTwoOrFive"/> is explained.</summary>
public sealed class GraduationsAsTwoOrFiveExplanation
    : Explanation<MistakeStory, GraduationsAsTwoOrFive>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "The label is right. After it, each small step was counted for more or fewer degrees than it is.",
            $"Count the small steps between two labels: there are {Steps(story.Context.Instrument)}, so each is {story.Phrasing.Degrees(story.Context.Instrument.SmallestGraduation)}."
        );

    private static string Steps(Protractor instrument) =>
        Wording.Numbers.Plain(instrument.CountedBy / instrument.SmallestGraduation);
}
