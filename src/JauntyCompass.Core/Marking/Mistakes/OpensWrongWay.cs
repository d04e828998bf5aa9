using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The angle was drawn on the other side of the base ray than was asked.</summary>
public sealed class OpensWrongWay : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "opens-wrong-way";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.OpensWrongWay.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.OpensWrongWay.Remedy;
}
