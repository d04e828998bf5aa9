using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ArcInOtherOpening"/> is explained.</summary>
public sealed class ArcInOtherOpeningExplanation : Explanation<MistakeStory, ArcInOtherOpening>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Your arc stands in the other opening, so it names the angle that goes round the back.",
            "Put the arc in the opening that you measured."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) =>
        story.Figure?.Arc.Value is Point arc
            ? new MarkPicture { Rings = [new PictureRing(arc, 5)] }
            : null;
}
