using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>An angle was named with two letters.</summary>
public sealed class TwoLetters()
    : NamingMistake("two-letters", "named an angle with two letters", 0.01)
{
    /// <inheritdoc/>
    public override string Remedy => "Set names of rays and names of angles side by side.";

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.TwoLetters;

    /// <inheritdoc/>
    public override AngleName? Predict(AngleToName angle) => new($"∠{angle.Start}{angle.Vertex}");

    /// <inheritdoc/>
    public override Feedback Explain(Phrasing say) =>
        new(
            null,
            "Two letters name a ray or a side, not an angle.",
            $"Take one letter more: {say.Words.Arm}, vertex, {say.Words.Arm}."
        );
}
