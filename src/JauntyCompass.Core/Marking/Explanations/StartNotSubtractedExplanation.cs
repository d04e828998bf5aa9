using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="StartNotSubtracted"/> is explained.</summary>
public sealed class StartNotSubtractedExplanation : Explanation<MistakeStory, StartNotSubtracted>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            null,
            $"No zero lay on your first {story.Words.Arm}, so the number on the other one is not the angle yet.",
            $"Read both {story.Words.Arm}s on the same scale and take the smaller number from the larger; or lay zero on the first {story.Words.Arm}."
        );
}
