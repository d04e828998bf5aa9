using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="BenchmarkByEye"/> is explained.</summary>
public sealed class BenchmarkByEyeExplanation : Explanation<NoContext, BenchmarkByEye>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.BenchmarkByEye.Happened,
            Text.Mistakes.BenchmarkByEye.Next
        );
}
