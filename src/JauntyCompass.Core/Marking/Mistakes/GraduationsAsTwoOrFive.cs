using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// Each small graduation was taken for two degrees, or for five: the ones multiplied, or in drawing divided. On an instrument with
/// coarser graduations they are taken for ones as well.
/// </summary>
public sealed class GraduationsAsTwoOrFive : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "graduations-as-two-or-five";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.GraduationsAsTwoOrFive.Name;

    /// <inheritdoc/>
    public override double Prior => 0.04;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.GraduationsAsTwoOrFive.Remedy;
}
