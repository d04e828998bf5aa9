using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="BenchmarkByEye"/> is explained.</summary>
public sealed class BenchmarkByEyeExplanation : Explanation<Phrasing, BenchmarkByEye>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "Another benchmark is nearer.",
            "Picture a right angle on it first, then half of one."
        );
}
