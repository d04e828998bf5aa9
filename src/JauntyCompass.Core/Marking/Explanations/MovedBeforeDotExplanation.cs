using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MovedBeforeDot"/> is explained.</summary>
public sealed class MovedBeforeDotExplanation : Explanation<MistakeStory, MovedBeforeDot>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "The protractor lay well on the ray at first. Before you made your dot, it had moved.",
            $"Hold it down with spread fingers, look at the {story.Words.ZeroLine} once more, then make your dot."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.OffTheArm(story);
}
