namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Nothing in particular: the right way, a little beside the right graduation.</summary>
public sealed class SlipOfTheEye : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "slip";

    /// <inheritdoc/>
    public override string Name => "strayed a graduation or two";

    /// <inheritdoc/>
    public override double Prior => 0.12;

    /// <inheritdoc/>
    public override string Remedy => "Read once more with the eye straight above the graduation.";

    /// <inheritdoc/>
    public override string? Demonstration => "in-between";

    /// <inheritdoc/>
    public override bool CanBeHabit => false;
}
