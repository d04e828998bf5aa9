using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The first arm did not lie on zero, and its reading was not subtracted, or was added: the end reading, or the sum.</summary>
public sealed class StartNotSubtracted : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "start-not-subtracted";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.StartNotSubtracted.Name;

    /// <inheritdoc/>
    public override double Prior => 0.1;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.StartNotSubtracted.Remedy;
}
