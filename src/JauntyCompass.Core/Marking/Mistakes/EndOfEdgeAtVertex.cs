using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The end of the straight edge was put at the vertex instead of the centre mark. For a half-length equal to the edge radius
/// and no inset an acute A comes out as 2A (Euclid, <i>Elements</i> III.20: the angle at the centre is twice that at the edge).
/// </summary>
public sealed class EndOfEdgeAtVertex : InstrumentMistake, IMeasuringReplay
{
    // How near the end of the edge must lie to the vertex to have been put there, in mm. Common practice, no source.
    private const double AtVertex = 4;

    /// <inheritdoc/>
    public override string Key => "end-of-edge-at-vertex";

    /// <inheritdoc/>
    public override string Name => "put the end of the edge at the vertex";

    /// <inheritdoc/>
    public override double Prior => 0.012;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Find the centre mark on every instrument in the class before anything is measured.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Instrument.Shape == ProtractorShape.FullCircle)
        {
            return;
        }
        if (context.Laid is LaidAngle laid)
        {
            if (IsSeen(laid) && context.ExpectedReading is double careful)
            {
                outcomes.Add(careful);
            }
        }
        else if (
            context.Activity == Activity.Measuring
            && At(context.Angle, context.Instrument) is double read
        )
        {
            outcomes.Add(read);
        }
    }

    /// <summary>Whether an end of the straight edge lies at the vertex.</summary>
    internal static bool IsSeen(in LaidAngle laid) =>
        laid.Protractor.Shape == ProtractorShape.HalfCircle
        && Math.Abs(laid.Alignment.CentreOffset - laid.Protractor.HalfLength) <= AtVertex;

    /// <inheritdoc/>
    public override double? SeenInPlacing(MarkingContext context) =>
        context.Laid is LaidAngle { Protractor.Shape: ProtractorShape.HalfCircle } laid
            ? IsSeen(laid)
                ? 1
                : 0
            : null;

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            null,
            $"The end of the edge lay at the vertex, and the {story.Words.CentreMark} far away from it.",
            $"Slide it along the {story.Words.Arm} until the {story.Words.CentreMark} is on the vertex: the middle, not the end."
        );

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid) =>
        laid.Protractor.Shape == ProtractorShape.FullCircle
            ? null
            : MeasuringExamples.Misplaced(laid, Slid(laid.Angle, laid.Protractor, laid.Placement));

    private static Placement Slid(Angle angle, Protractor protractor, in Placement well) =>
        well with
        {
            Centre = well.Centre.Towards(angle.Start, protractor.HalfLength),
        };

    private static double? At(Angle angle, Protractor protractor)
    {
        if (angle.Measure.Degrees > 180)
        {
            return null;
        }
        var well = Placement.Over(angle);
        LaidAngle laid = LaidAngle.Of(
            angle,
            protractor,
            Slid(angle, protractor, well),
            WhichArm.Start
        );
        return laid.Advice.Reading;
    }
}
