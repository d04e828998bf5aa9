using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Taking from 360 went wrong at the borrow: the result is off by 10 or by 100; or adding to 180 did.</summary>
public sealed class BorrowSlip : SumMistake<ReflexSum>
{
    /// <inheritdoc/>
    public override string Key => "borrow-slip";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.BorrowSlip.Name;

    /// <inheritdoc/>
    public override double Prior => 0.001;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.BorrowSlip.Remedy;
}
