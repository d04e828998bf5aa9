using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="LeftOutHalfTurn"/> leads to.</summary>
public sealed class LeftOutHalfTurnPrediction : SumPrediction<LeftOutHalfTurn, ReflexSum>
{
    /// <inheritdoc/>
    public override IReadOnlyList<double> Predict(ReflexSum sum) => [Math.Abs(sum.Result - 180)];
}
