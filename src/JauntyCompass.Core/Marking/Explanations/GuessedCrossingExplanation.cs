using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="GuessedCrossing"/> is explained.</summary>
public sealed class GuessedCrossingExplanation : Explanation<MistakeStory, GuessedCrossing>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"The {story.Words.Arm} ends before the graduations, so you had to guess where it would cross them.",
            $"Draw the {story.Words.Arm} on with the {story.Words.Straightedge}, exactly along itself. Then read again."
        );
}
