using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="CountedGraduations"/> is explained.</summary>
public sealed class CountedGraduationsExplanation : Explanation<MistakeStory, CountedGraduations>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.CountedGraduations.Happened,
            Text.Mistakes.CountedGraduations.Next
        );
}
