using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="WrongStartingArm"/> is explained.</summary>
public sealed class WrongStartingArmExplanation : Explanation<MistakeStory, WrongStartingArm>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Zero lies on the {story.Words.Arm} where the turn ends, so the rest of the circle was counted.",
            "Follow the arrow with a finger: zero belongs where it begins."
        );
}
