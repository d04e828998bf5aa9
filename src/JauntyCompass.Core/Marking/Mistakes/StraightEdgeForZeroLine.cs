using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The straight edge lay on the arm instead of the zero line. With an inset h and an edge radius R a measured A comes out as
/// A − asin(h·cos A / R): nothing is lost at 90° (by plane trigonometry; checked against the crossing itself in the tests).
/// </summary>
public sealed class StraightEdgeForZeroLine : InstrumentMistake, IMeasuringReplay
{
    /// <inheritdoc/>
    public override string Key => "straight-edge-for-zero-line";

    /// <inheritdoc/>
    public override string Name => "laid the straight edge on the arm";

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override bool LeavesCentreOff => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Compare instruments: on whose does the zero line lie above the edge? Trace it with a finger first.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Laid is LaidAngle laid)
        {
            if (laid.Alignment.EdgeOnArm && context.ExpectedReading is double careful)
            {
                outcomes.Add(careful);
            }
        }
        else if (context.Instrument.Inset > 0)
        {
            outcomes.Add(Unplaced(context));
        }
    }

    /// <inheritdoc/>
    public override double? SeenInPlacing(MarkingContext context) =>
        context.Laid is LaidAngle laid && context.Instrument.Inset > 0
            ? laid.Alignment.EdgeOnArm
                ? 1
                : 0
            : null;

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            // The praise for placing would contradict the point that is made here.
            null,
            $"You put the straight edge along the {story.Words.Arm}. On this instrument the {story.Words.ZeroLine} lies "
                + $"{Numbers.Millimetres(story.Context.Instrument.Inset)} above it.",
            $"Slide it down until the {story.Words.ZeroLine} covers the {story.Words.Arm} and the {story.Words.CentreMark} the vertex."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Context.Laid is not LaidAngle laid)
        {
            return null;
        }
        Placement placement = laid.Placement;
        double radius = laid.Protractor.EdgeRadius;
        Point middle = placement.Centre;
        return new MarkPicture
        {
            Lines =
            [
                new PictureLine(placement.PointAt(180, radius), placement.PointAt(0, radius)),
                new PictureLine(
                    middle,
                    middle.Towards(placement.DirectionOf(270), laid.Protractor.Inset),
                    Arrow: true
                ),
            ],
            Note = new PictureNote(
                $"the {story.Words.ZeroLine} is here",
                middle.Towards(placement.DirectionOf(270), laid.Protractor.Inset + 10)
            ),
        };
    }

    private static double Unplaced(MarkingContext context)
    {
        double radians = context.Measure * (Math.PI / 180);
        double inset = context.Instrument.Inset;
        double radius = context.Instrument.EdgeRadius;
        (double sin, double cos) = Math.SinCos(radians);
        return context.Activity == Activity.Measuring
            ? context.Measure - Math.Asin(Math.Clamp(inset * cos / radius, -1, 1)) * (180 / Math.PI)
            // Drawing: the dot at A on the edge, seen from a vertex that lies an inset below the centre mark.
            : Math.Atan2(radius * sin + inset, radius * cos) * (180 / Math.PI);
    }

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        Placement raised = laid.Placement with
        {
            Centre = laid.Placement.Centre.Towards(
                laid.Placement.DirectionOf(90),
                laid.Protractor.Inset
            ),
        };
        return laid.Protractor.Inset > 0 ? MeasuringExamples.Misplaced(laid, raised) : null;
    }
}
