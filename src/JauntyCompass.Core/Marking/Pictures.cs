using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>Pictures that several mistakes share.</summary>
internal static class Pictures
{
    private const double RingRadius = 5;
    private const double NoteBeyondEdge = 12;

    // Letters run level, so a note at the side needs more room than one above.
    private const double NoteBesideEdge = 16;

    /// <summary>A ring with a few words beside it.</summary>
    internal static MarkPicture Ringed(Point at, PictureNote note) =>
        new() { Rings = [new PictureRing(at, RingRadius)], Note = note };

    /// <summary>Shows where the end of the zero line stands, and where the arm it belongs on runs out. Null when it is not known.</summary>
    internal static MarkPicture? OffTheArm(MistakeStory story)
    {
        if (story.Context.Laid is not LaidAngle laid)
        {
            return null;
        }
        double bearing = laid.Alignment.ZeroLineEnd == ZeroLineEnd.Right ? 0 : 180;
        Point end = laid.Placement.PointAt(bearing, laid.Protractor.EdgeRadius);
        Arm arm = laid.Angle[laid.Alignment.LinedUpArm];
        return new MarkPicture
        {
            Lines =
            [
                new PictureLine(
                    end,
                    arm.From.Towards(arm.Direction, laid.Protractor.EdgeRadius),
                    Arrow: true
                ),
            ],
            Rings = [new PictureRing(end, 4)],
            Note = new PictureNote(
                Text.Marks.Picture.OffTheArm(Math.Abs(laid.Alignment.ZeroLineOff)),
                Pictures.BeyondEdge(laid, bearing == 0 ? 8 : 172)
            ),
        };
    }

    /// <summary>
    /// Shows where the number that was given stands on the scale in use (measuring), or at which number the dot stands
    /// (drawing). Null when the placement is not known.
    /// </summary>
    internal static MarkPicture? NumberStandsHere(MistakeStory story)
    {
        MarkingContext context = story.Context;
        if (context.Laid is not LaidAngle laid || context.ScaleInUse < 0)
        {
            return null;
        }
        Scale scale = context.Instrument.Scales[context.ScaleInUse];
        double number = story.Answer;
        Message words = Text.Marks.Picture.NumberHere(number);
        if (context.Activity == Activity.Drawing)
        {
            if (story.Figure?.Dot.Value is not Point dot)
            {
                return null;
            }
            double bearing = laid.Placement.BearingOf(
                Direction.Between(laid.Placement.Centre, dot)
            );
            if (scale.ReadingAt(bearing) is not double atDot)
            {
                return null;
            }
            number = Math.Round(atDot);
            words = Text.Marks.Picture.DotAt(number);
        }
        else if (number > scale.Extent)
        {
            return null;
        }
        return Ringed(
            laid.Placement.PointAt(scale.BearingOf(number), context.Instrument.EdgeRadius - 3),
            new PictureNote(words, BeyondEdge(laid, scale.BearingOf(number)))
        );
    }

    /// <summary>A place for a note just outside the body, at a bearing.</summary>
    internal static Point BeyondEdge(in LaidAngle laid, double bearing) =>
        laid.Placement.PointAt(
            bearing,
            laid.Protractor.EdgeRadius
                + NoteBeyondEdge
                + NoteBesideEdge * Math.Abs(laid.Placement.DirectionOf(bearing).SinCos().Cos)
        );
}
