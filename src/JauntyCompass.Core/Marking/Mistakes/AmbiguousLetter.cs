using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>One letter was used where several angles share the vertex.</summary>
public sealed class AmbiguousLetter()
    : NamingMistake(
        "ambiguous-letter",
        "used one letter where several angles share the vertex",
        0.015
    )
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Draw a third ray from a vertex and ask which angle its letter now names.";

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.AmbiguousLetter;

    /// <inheritdoc/>
    public override AngleName? Predict(AngleToName angle) =>
        angle.Rays.Count > 2 ? new AngleName($"∠{angle.Vertex}") : null;

    /// <inheritdoc/>
    public override Feedback Explain(Phrasing say) =>
        new(
            null,
            "Several angles stand at this vertex, so one letter does not say which is meant.",
            "Use three letters here, the vertex in the middle."
        );
}
