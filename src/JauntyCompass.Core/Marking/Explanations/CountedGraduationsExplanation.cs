using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="CountedGraduations"/> is explained.</summary>
public sealed class CountedGraduationsExplanation : Explanation<MistakeStory, CountedGraduations>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "You are one step over: the graduations were counted, and zero was counted as one.",
            "What counts is the space between two graduations. Start with zero on the zero line, then count the steps."
        );
}
