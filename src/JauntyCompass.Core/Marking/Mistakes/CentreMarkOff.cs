using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The centre mark lay beside the vertex; its cost is computed from the placement. Where that is not known, <see cref="LaidOff"/> is all
/// that can be said.
/// </summary>
public sealed class CentreMarkOff : InstrumentMistake, IMeasuringReplay
{
    // Off the vertex by just so much that the edge runs along the arm, whatever that costs at this angle: seen, but seldom by
    // this mistake. Common practice, no source.
    private const double JustOnTheEdge = 0.85;

    /// <inheritdoc/>
    public override string Key => "centre-mark-off";

    /// <inheritdoc/>
    public override string Name => "laid the centre mark off the vertex";

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override bool LeavesCentreOff => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Look at the centre mark twice: once when it is laid, once more after turning.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Laid is not LaidAngle laid || EndOfEdgeAtVertex.IsSeen(laid))
        {
            return;
        }
        bool counts =
            !context.MovedBeforeDot
            && Math.Abs(context.PlacingByCentre) >= PlacingCost.Material
            && Math.Abs(context.PlacingByCentre) >= Math.Abs(context.PlacingByZeroLine);
        if (counts && !laid.Alignment.EdgeOnArm && context.ExpectedReading is double careful)
        {
            outcomes.Add(careful);
        }
    }

    /// <inheritdoc/>
    public override double? SeenInPlacing(MarkingContext context) =>
        context.Laid is not LaidAngle laid ? null
        : context.MovedBeforeDot || EndOfEdgeAtVertex.IsSeen(laid) ? 0
        : laid.Alignment.EdgeOnArm ? JustOnTheEdge
        : PlacingCost.Likelihood(context.PlacingByCentre);

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

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        // Slid along the arm it costs most where the other arm stands across; enough to be seen from the back of the room.
        const double Offset = 9;
        Placement off = laid.Placement with
        {
            Centre = laid.Placement.Centre.Towards(laid.Angle.Start, Offset),
        };
        return MeasuringExamples.Misplaced(laid, off);
    }
}
