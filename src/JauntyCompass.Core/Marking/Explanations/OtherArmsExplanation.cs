using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherArms"/> is explained.</summary>
public sealed class OtherArmsExplanation : Explanation<Phrasing, OtherArms>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "This is the name of the angle next to it.",
            $"Take the letters of the two {phrasing.Words.Arm}s between which the arc runs."
        );
}
