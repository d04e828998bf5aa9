using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Simulation;

/// <summary>How a simulated student draws an angle to its measure: lays the instrument on, makes a dot, draws the second ray.</summary>
/// <param name="Asked">The angle; its start arm is the base ray.</param>
/// <param name="Dot">Where the second ray is aimed.</param>
/// <param name="Smear">A dot that was dragged.</param>
/// <param name="Dots">Dots that were made as such.</param>
/// <param name="Placement">How the instrument lay at the dot; null when it was never laid on.</param>
/// <param name="Rested">Where it had rested before that.</param>
internal sealed record DrawnWork(
    Angle Asked,
    Point Dot,
    IReadOnlyList<Stroke> Smear,
    IReadOnlyList<Point> Dots,
    Placement? Placement,
    IReadOnlyList<Placement>? Rested
)
{
    // How far an eye strays that draws without the instrument, in degrees. Common practice, no source.
    private const double EyeSpread = 9;

    /// <summary>Lays on and makes the dot.</summary>
    /// <param name="attempt">What shows this time.</param>
    /// <param name="asked">The angle; its start arm is the base ray.</param>
    /// <param name="instrument">The instrument.</param>
    /// <param name="aimed">The number that is looked for, where it is not the measure itself.</param>
    internal static DrawnWork Of(
        Attempt attempt,
        Angle asked,
        Protractor instrument,
        double? aimed = null
    )
    {
        (Placement placement, IReadOnlyList<Placement> rested) = attempt.LayForDot(
            asked,
            instrument
        );
        LaidAngle laid = LaidAngle.Of(asked, instrument, placement, WhichArm.Start);
        Scale scale = instrument.Scales[attempt.ScaleUsed(laid.ScaleFromZero, instrument)];
        double full = instrument.FullScale;
        double number = Math.Clamp(
            attempt.Garble((int)Math.Round(aimed ?? asked.Measure.Degrees), full) + attempt.Eye(),
            0,
            full
        );
        if (laid.ScaleFromZero < 0 && !attempt.Shows<OnlyScaleOtherWay>())
        {
            // The only scale begins at the other end: the dot belongs at what is left of the whole.
            number = full - number;
        }
        Point dot = placement.PointAt(scale.BearingOf(number), instrument.EdgeRadius + 1);
        if (attempt.Shows<OpensWrongWay>())
        {
            double turn = asked.Start.ShorterTurnTo(Direction.Between(asked.Vertex, dot));
            dot = asked.Vertex.Towards(asked.Start.Turned(-turn), asked.Vertex.DistanceTo(dot));
        }
        (IReadOnlyList<Stroke> smear, IReadOnlyList<Point> dots) = PencilWork.Dot(attempt, dot);
        if (!attempt.Shows<DrewByEye>())
        {
            return new DrawnWork(asked, dot, smear, dots, placement, rested);
        }
        double eye = asked.Opening.Sign() * attempt.Eye(EyeSpread);
        dot = asked.Vertex.Towards(asked.End.Turned(eye), instrument.EdgeRadius + 1);
        return new DrawnWork(asked, dot, [], [], null, null);
    }

    /// <summary>The second ray, as well or as badly as this student draws it.</summary>
    internal IEnumerable<Stroke> SecondRay(Attempt attempt)
    {
        Direction outward = Direction.Between(Asked.Vertex, Dot);
        Point from = Asked.Vertex;
        Point through = Dot;
        if (attempt.Shows<GapAtVertex>())
        {
            from = from.Towards(outward, attempt.Size(4, 9));
        }
        if (attempt.Shows<RanOnBehindVertex>())
        {
            from = from.Towards(outward.Opposite, attempt.Size(6, 14));
        }
        if (attempt.Shows<MissedOwnDot>())
        {
            through = through.Towards(outward.Turned(90 * attempt.Side()), attempt.Size(4, 7));
        }
        double beyond = attempt.Shows<ArmTooShort>() ? -attempt.Size(20, 35) : attempt.Size(6, 12);
        return PencilWork.Line(
            attempt,
            from,
            through.Towards(Direction.Between(from, through), beyond)
        );
    }

    /// <summary>A point between the rays.</summary>
    /// <param name="radius">How far from the vertex, in mm; negative: in the other opening.</param>
    internal Point Inside(double radius)
    {
        double turn = Asked.Start.ShorterTurnTo(Direction.Between(Asked.Vertex, Dot));
        return Asked.Vertex.Towards(Asked.Start.Turned(turn / 2), radius);
    }
}
