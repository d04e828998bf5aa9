using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The opening was held against a benchmark that is not the nearest.</summary>
public sealed class BenchmarkByEye()
    : ChoiceMistake("benchmark-by-eye", Text.Mistakes.BenchmarkByEye.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.BenchmarkByEye.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "estimate";
}
