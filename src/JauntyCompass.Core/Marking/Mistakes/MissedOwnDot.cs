using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray runs beside the dot it was to go through.</summary>
public sealed class MissedOwnDot : InstrumentMistake
{
    /// <summary>A careful line runs within this distance of its dot, in mm. Common practice, no source.</summary>
    public const double Limit = 1;

    // A line that wavers passes beside its dot by so many times its wavering, wherever it was aimed. Common practice, no source.
    internal const double OfWaves = 3;

    /// <inheritdoc/>
    public override string Key => "missed-own-dot";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.MissedOwnDot.Name;

    /// <inheritdoc/>
    public override double Prior => 0.08;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.MissedOwnDot.Remedy;

    /// <inheritdoc/>
    public override bool IsOfRuling => true;
}
