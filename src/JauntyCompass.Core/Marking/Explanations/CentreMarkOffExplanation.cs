using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="CentreMarkOff"/> is explained.</summary>
public sealed class CentreMarkOffExplanation : Explanation<MistakeStory, CentreMarkOff>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            story.Context.Laid is LaidAngle laid
                ? Text.Mistakes.CentreMarkOff.Seen(laid.Alignment.CentreOffset)
                : Text.Mistakes.CentreMarkOff.Guessed,
            Text.Mistakes.CentreMarkOff.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Context.Laid is not LaidAngle laid)
        {
            return null;
        }
        Point vertex = laid.Angle.Vertex;
        Point centre = laid.Placement.Centre;
        return new MarkPicture
        {
            Rings = [new PictureRing(centre, 3)],
            Lines = [new PictureLine(centre, vertex, Arrow: true)],
            Note = new PictureNote(
                Text.Mistakes.CentreMarkOff.Note(laid.Alignment.CentreOffset),
                centre.Towards(laid.Placement.DirectionOf(270), laid.Protractor.Inset + 10)
            ),
        };
    }
}
