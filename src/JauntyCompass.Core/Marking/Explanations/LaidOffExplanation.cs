using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LaidOff"/> is explained.</summary>
public sealed class LaidOffExplanation : Explanation<MistakeStory, LaidOff>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(null, Text.Mistakes.LaidOff.Happened, Text.Mistakes.LaidOff.Next);
}
