using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="DrewByEye"/> is explained.</summary>
public sealed class DrewByEyeExplanation : Explanation<MistakeStory, DrewByEye>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            null,
            "The protractor was not laid on, so the angle came out as it looked.",
            $"Lay it on the ray: {story.Words.CentreMark} on the vertex, {story.Words.ZeroLine} on the ray. Then make your dot at the measure."
        );
}
