namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The instrument is thought to do something else.</summary>
public sealed class InstrumentIdea()
    : ChoiceMistake("instrument-idea", "has another idea of what the instrument does", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Open the lesson with the three questions: what does it measure, why two scales, how is it done?";

    /// <inheritdoc/>
    public override string? Demonstration => "measure";
}
