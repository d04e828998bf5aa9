using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The neighbouring angle was named.</summary>
public sealed class OtherArms() : NamingMistake("other-arms", "named the angle next to it", 0.015)
{
    /// <inheritdoc/>
    public override string Remedy => "Colour the two arms of the angle that is meant.";

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.OtherAngle;

    /// <inheritdoc/>
    public override AngleName? Predict(AngleToName angle) =>
        angle.Rays.FirstOrDefault(r => r.Letter != angle.Start && r.Letter != angle.End)
            is NamedRay other
            ? new AngleName(angle.Start, angle.Vertex, other.Letter)
            : null;

    /// <inheritdoc/>
    public override Feedback Explain(Phrasing say) =>
        new(
            null,
            "This is the name of the angle next to it.",
            $"Take the letters of the two {say.Words.Arm}s between which the arc runs."
        );
}
