namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The opening was held against a benchmark that is not the nearest.</summary>
public sealed class BenchmarkByEye()
    : ChoiceMistake("benchmark-by-eye", "held the opening against the wrong benchmark", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Open the arms to 45, 90, 135 and 180 and let the class call them.";

    /// <inheritdoc/>
    public override string? Demonstration => "estimate";
}
