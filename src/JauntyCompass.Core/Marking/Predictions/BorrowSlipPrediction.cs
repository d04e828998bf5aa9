using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="BorrowSlip"/> leads to.</summary>
public sealed class BorrowSlipPrediction : SumPrediction<BorrowSlip, ReflexSum>
{
    /// <inheritdoc/>
    public override IReadOnlyList<double> Predict(ReflexSum sum) =>
        [sum.Result + 10, sum.Result - 10, sum.Result + 100, sum.Result - 100];
}
