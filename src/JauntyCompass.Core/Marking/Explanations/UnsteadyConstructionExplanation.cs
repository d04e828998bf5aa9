using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="UnsteadyConstruction"/> is explained.</summary>
public sealed class UnsteadyConstructionExplanation
    : Explanation<ConstructionReading, UnsteadyConstruction>
{
    /// <inheritdoc/>
    public override Feedback Explain(ConstructionReading reading) =>
        new Feedback(
            null,
            Text.Mistakes.UnsteadyConstruction.Happened,
            Text.Mistakes.UnsteadyConstruction.Next
        );
}
