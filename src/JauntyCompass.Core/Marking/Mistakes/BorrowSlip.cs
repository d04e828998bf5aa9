using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Taking from 360 went wrong at the borrow: the result is off by 10 or by 100.</summary>
public sealed class BorrowSlip : SumMistake<ReflexSum>
{
    /// <inheritdoc/>
    public override string Key => "borrow-slip";

    /// <inheritdoc/>
    public override string Name => "slipped when taking from 360";

    /// <inheritdoc/>
    public override double Prior => 0.001;

    /// <inheritdoc/>
    public override string Remedy =>
        "Check by adding: the smaller angle and the reflex one must come to 360 again.";
}
