using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LaidOff"/> is explained.</summary>
public sealed class LaidOffExplanation : Explanation<MistakeStory, LaidOff>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            null,
            "You are a few degrees off. The protractor may have been a little out of place.",
            $"Lay it on once more: {story.Words.CentreMark} on the vertex, {story.Words.ZeroLine} on the {story.Words.Arm}. Then look at the {story.Words.CentreMark} again."
        );
}
