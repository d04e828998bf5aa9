namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The first arm did not lie on zero, and its reading was not subtracted, or was added: the end reading, or the sum.</summary>
public sealed class StartNotSubtracted : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "start-not-subtracted";

    /// <inheritdoc/>
    public override string Name => "forgot to subtract the reading on the first arm";

    /// <inheritdoc/>
    public override double Prior => 0.1;

    /// <inheritdoc/>
    public override string Remedy =>
        "Have both readings written down before anything is computed: first arm, second arm, difference.";
}
