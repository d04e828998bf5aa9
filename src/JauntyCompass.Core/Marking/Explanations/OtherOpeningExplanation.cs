using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherOpening"/> is explained.</summary>
public sealed class OtherOpeningExplanation : Explanation<NoContext, OtherOpening>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.OtherOpening.Happened, Text.Mistakes.OtherOpening.Next);
}
