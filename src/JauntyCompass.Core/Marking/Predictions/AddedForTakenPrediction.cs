using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="AddedForTaken"/> leads to.</summary>
public sealed class AddedForTakenPrediction : SumPrediction<AddedForTaken, RangeSum>
{
    /// <inheritdoc/>
    public override IReadOnlyList<double> Predict(RangeSum sum) => [sum.First + sum.Second];
}
