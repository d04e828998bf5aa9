using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>Pictures that mistakes of constructing share.</summary>
internal static class ConstructionPictures
{
    private const double NoteBeside = 12;

    /// <summary>A ring where it is to be seen, with a few words beside it.</summary>
    internal static MarkPicture? Here(ConstructionReading reading, Message note) =>
        reading.Place is Point place
            ? Pictures.Ringed(
                place,
                new PictureNote(note, place.Towards(reading.Aim.Wanted, NoteBeside))
            )
            : null;

    /// <summary>The two openings that should be alike, each with what it measures.</summary>
    internal static MarkPicture? Openings(ConstructionReading reading)
    {
        if (reading.Arc is not SeenArc arc)
        {
            return null;
        }
        var lines = new List<PictureLine> { new(arc.Centre, arc.Middle, Arrow: true) };
        if (reading.Like is SeenArc like)
        {
            lines.Add(new PictureLine(like.Centre, like.Middle, Arrow: true));
        }
        return new MarkPicture
        {
            Lines = lines,
            Note = new PictureNote(
                reading.Like is SeenArc other
                    ? Text.Marks.Construction.TwoOpenings(arc.Opening, other.Opening)
                    : Text.Marks.Construction.OneOpening(arc.Opening),
                arc.Middle.Towards(Direction.Between(arc.Centre, arc.Middle), NoteBeside)
            ),
        };
    }
}
