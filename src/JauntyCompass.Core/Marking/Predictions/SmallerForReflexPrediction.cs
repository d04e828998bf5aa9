using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="SmallerForReflex"/> leads to.</summary>
public sealed class SmallerForReflexPrediction : SumPrediction<SmallerForReflex, ReflexSum>
{
    /// <inheritdoc/>
    public override IReadOnlyList<double> Predict(ReflexSum sum) => [360 - sum.Result];
}
