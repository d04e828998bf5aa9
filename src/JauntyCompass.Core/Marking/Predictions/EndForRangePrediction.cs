using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="EndForRange"/> leads to.</summary>
public sealed class EndForRangePrediction : SumPrediction<EndForRange, RangeSum>
{
    /// <inheritdoc/>
    public override IReadOnlyList<double> Predict(RangeSum sum) =>
        [Math.Max(sum.First, sum.Second)];
}
