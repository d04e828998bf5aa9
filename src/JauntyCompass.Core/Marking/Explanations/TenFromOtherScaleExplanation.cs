using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TenFromOtherScale"/> is explained.</summary>
public sealed class TenFromOtherScaleExplanation : Explanation<MistakeStory, TenFromOtherScale>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "The ten came from one scale and the ones from the other.",
            $"Stay on the scale whose zero lies on your {story.Words.Arm}, from zero to the very last graduation."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);
}
