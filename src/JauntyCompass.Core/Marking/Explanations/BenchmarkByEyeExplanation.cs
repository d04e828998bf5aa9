using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="BenchmarkByEye"/> is explained.</summary>
public sealed class BenchmarkByEyeExplanation : Explanation<Phrasing, BenchmarkByEye>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.BenchmarkByEye.Happened,
            Text.Mistakes.BenchmarkByEye.Next
        );
}
