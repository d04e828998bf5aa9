using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="GuessedCrossing"/> is explained.</summary>
public sealed class GuessedCrossingExplanation : Explanation<MistakeStory, GuessedCrossing>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.GuessedCrossing.Happened,
            Text.Mistakes.GuessedCrossing.Next
        );
}
