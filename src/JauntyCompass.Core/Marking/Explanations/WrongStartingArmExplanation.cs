using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="WrongStartingArm"/> is explained.</summary>
public sealed class WrongStartingArmExplanation : Explanation<MistakeStory, WrongStartingArm>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.WrongStartingArm.Happened,
            Text.Mistakes.WrongStartingArm.Next
        );
}
