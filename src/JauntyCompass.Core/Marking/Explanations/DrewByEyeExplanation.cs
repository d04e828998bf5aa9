using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="DrewByEye"/> is explained.</summary>
public sealed class DrewByEyeExplanation : Explanation<MistakeStory, DrewByEye>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(null, Text.Mistakes.DrewByEye.Happened, Text.Mistakes.DrewByEye.Next);
}
