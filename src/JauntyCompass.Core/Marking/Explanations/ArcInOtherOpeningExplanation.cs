using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ArcInOtherOpening"/> is explained.</summary>
public sealed class ArcInOtherOpeningExplanation : Explanation<MistakeStory, ArcInOtherOpening>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.ArcInOtherOpening.Happened,
            Text.Mistakes.ArcInOtherOpening.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) =>
        story.Figure?.Arc.Value is Point arc
            ? new MarkPicture { Rings = [new PictureRing(arc, 5)] }
            : null;
}
