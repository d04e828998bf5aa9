using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="CentreMarkOff"/> is explained.</summary>
public sealed class CentreMarkOffExplanation : Explanation<MistakeStory, CentreMarkOff>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story)
    {
        string offset = story.Context.Laid is LaidAngle laid
            ? $"lay {Numbers.Millimetres(laid.Alignment.CentreOffset)} beside the vertex"
            : "seems to have lain beside the vertex";
        return new Feedback(
            story.Praise,
            $"You read what was there, but the {story.Words.CentreMark} {offset}.",
            $"Turning shifts it: once the {story.Words.ZeroLine} is right, look at the {story.Words.CentreMark} again."
        );
    }

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
                $"{Numbers.Millimetres(laid.Alignment.CentreOffset)} to go",
                centre.Towards(laid.Placement.DirectionOf(270), laid.Protractor.Inset + 10)
            ),
        };
    }
}
