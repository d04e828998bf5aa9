using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="NoArcs"/> is explained.</summary>
public sealed class NoArcsExplanation : Explanation<ConstructionReading, NoArcs>
{
    /// <inheritdoc/>
    public override Feedback Explain(ConstructionReading reading) =>
        new Feedback(null, Text.Mistakes.NoArcs.Happened, Text.Mistakes.NoArcs.Next);
}
