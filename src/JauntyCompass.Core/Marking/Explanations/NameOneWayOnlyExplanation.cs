using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="NameOneWayOnly"/> is explained.</summary>
public sealed class NameOneWayOnlyExplanation : Explanation<Phrasing, NameOneWayOnly>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "Read backwards it is still the same angle: the vertex stays in the middle.",
            $"Say the name from the other {phrasing.Words.Arm}: both are allowed."
        );
}
