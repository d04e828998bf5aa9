using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MixedUpKinds"/> is explained.</summary>
public sealed class MixedUpKindsExplanation : Explanation<NoContext, MixedUpKinds>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.MixedUpKinds.Happened, Text.Mistakes.MixedUpKinds.Next);
}
