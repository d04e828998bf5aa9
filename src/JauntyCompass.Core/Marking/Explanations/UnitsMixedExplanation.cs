using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="UnitsMixed"/> is explained.</summary>
public sealed class UnitsMixedExplanation : Explanation<NoContext, UnitsMixed>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.UnitsMixed.Happened, Text.Mistakes.UnitsMixed.Next);
}
