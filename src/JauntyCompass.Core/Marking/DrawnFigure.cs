using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Recognition;

namespace JauntyCompass.Core.Marking;

/// <summary>A drawn angle as it is found on the sheet.</summary>
public sealed class DrawnFigure
{
    private DrawnFigure(
        MarkingContext context,
        Seen<StrokeLine> baseRay,
        PencilLine? line,
        PencilMarks marks,
        double baseShake = 0
    )
    {
        Context = context;
        BaseRay = baseRay;
        StrokeLine? ray = line?.Seen(context.Angle.Vertex);
        Ray = Seen.Of(ray, elseAbsent: marks.LookedFor(DrawnPart.Ray));
        Gap = line?.GapTo(context.Angle.Vertex) ?? 0;
        PencilDot? dot = NearestDot(marks.Dots, ray);
        Dot = Seen.Of(dot?.At, elseAbsent: marks.LookedFor(DrawnPart.Dot));
        DotWidth = dot?.Width ?? 0;
        Arc = Seen.Of(
            marks.ArcAt(context.Angle.Vertex) ?? ShortArc(context.Angle.Vertex, marks.Lines, line),
            elseAbsent: marks.LookedFor(DrawnPart.Arc)
        );
        Shake = Math.Max(line?.Shake ?? 0, baseShake);
        Turn = ray is StrokeLine seen ? DrawnTurn.Of(context.Angle, seen.Direction) : null;
    }

    /// <summary>What was asked, and with what.</summary>
    public MarkingContext Context { get; }

    /// <summary>The base ray: the one that was given, or as it was drawn.</summary>
    public Seen<StrokeLine> BaseRay { get; }

    /// <summary>The second ray as drawn.</summary>
    public Seen<StrokeLine> Ray { get; }

    /// <summary>The dot that the ray was drawn by: of several the one nearest to it.</summary>
    public Seen<Point> Dot { get; }

    /// <summary>Where the arc was put.</summary>
    public Seen<Point> Arc { get; }

    /// <summary>Degrees from the base ray to the drawn ray, negative the wrong way round; null without a ray.</summary>
    public double? Turn { get; }

    /// <summary>The measure of what was drawn, in degrees; null without a ray.</summary>
    public double? Value => Turn is double turn ? Math.Abs(turn) : null;

    /// <summary>The measure that the dot alone would give, in degrees; null without a dot.</summary>
    public double? ValueAtDot =>
        Dot.Value is Point dot
            ? Math.Abs(DrawnTurn.Of(Context.Angle, Direction.Between(Vertex, dot)))
            : null;

    /// <summary>
    /// What the drawing would come out at, in degrees, with the dot in the right place and the ray straying from it as it does; null
    /// without a ray or without a dot.
    /// </summary>
    public double? Strayed =>
        Value is double value && ValueAtDot is double atDot
            ? (Context.ExpectedReading ?? Context.Measure) + value - atDot
            : null;

    /// <summary>The vertex given with the base ray.</summary>
    public Point Vertex => Context.Angle.Vertex;

    /// <summary>How far the dot was dragged, in mm; 0 for a clean one.</summary>
    public double DotWidth { get; }

    /// <summary>How far the hand strayed beside the lines it drew, as a root mean square in mm.</summary>
    public double Shake { get; }

    /// <summary>How far beside the vertex the second ray begins or passes, in mm; 0 without a ray.</summary>
    public double Gap { get; }

    /// <summary>How far the ray runs on behind the vertex, in mm.</summary>
    public double RunsOn => Ray.Value is StrokeLine ray ? Math.Max(0, ray.Along(Vertex)) : 0;

    /// <summary>Looks at what was drawn on a base ray that was given: which line is the second ray, which dot it was drawn by, where the arc stands.</summary>
    /// <param name="context">What was asked, and with what.</param>
    /// <param name="marks">What was drawn.</param>
    public static DrawnFigure Of(MarkingContext context, PencilMarks marks)
    {
        PencilMarks around = marks.AroundVertex(context.Angle.Vertex);
        Angle asked = context.Angle;
        return new(
            context,
            Seen.Known(new StrokeLine(asked.Vertex, asked.StartArm.Tip)),
            SecondRay.Find(asked, around),
            around
        );
    }

    /// <summary>The same on a base ray that the student drew, too.</summary>
    /// <param name="context">What was asked, and with what; from the base ray that was found.</param>
    /// <param name="marks">What was drawn.</param>
    /// <param name="found">The base ray; null where there are not two rays.</param>
    public static DrawnFigure OnOwnBaseRay(
        MarkingContext context,
        PencilMarks marks,
        OwnBaseRay? found
    ) =>
        new(
            context,
            Seen.Of(found?.Base, elseAbsent: marks.LookedFor(DrawnPart.Ray)),
            found?.Second,
            marks,
            found?.Shake ?? 0
        );

    /// <summary>
    /// How far a point lies outside the opening that was drawn, in mm; 0 inside it, null without a ray. The drawn opening lies between the
    /// two rays, on whichever side it was drawn, and is at most straight.
    /// </summary>
    public double? OutsideOpening(Point point)
    {
        if (Turn is not double turn)
        {
            return null;
        }
        Angle asked = Context.Angle;
        int side = asked.Opening.Sign() * Math.Sign(turn);
        double across = asked.Start.AnticlockwiseTo(Direction.Between(Vertex, point));
        across = side >= 0 ? across : 360 - across;
        if (across <= Math.Abs(turn))
        {
            return 0;
        }
        double beside = Math.Min(across - Math.Abs(turn), 360 - across);
        double distance = Vertex.DistanceTo(point);
        return beside >= 90 ? distance : distance * Math.Sin(beside * (Math.PI / 180));
    }

    // An arc across a narrow opening is hardly bent: a short line, both ends of it as far from the vertex.
    private static Point? ShortArc(Point vertex, IReadOnlyList<PencilLine> lines, PencilLine? ray)
    {
        const double Longest = 30;
        const double AsFar = 0.2;
        PencilLine? arc = lines.FirstOrDefault(l =>
            l != ray
            && l.Length <= Longest
            && Math.Abs(l.One.DistanceTo(vertex) - l.Other.DistanceTo(vertex))
                <= AsFar * l.Middle.DistanceTo(vertex)
        );
        return arc?.Middle;
    }

    /// <summary>
    /// How far a dot lies beside the ray, in mm, the ray prolonged: a short ray may well aim at its dot.
    /// </summary>
    public double? DotMiss =>
        Ray.Value is StrokeLine ray && Dot.Value is Point dot ? ray.DistanceAcross(dot) : null;

    private static PencilDot? NearestDot(IReadOnlyList<PencilDot> dots, StrokeLine? ray)
    {
        PencilDot? nearest = null;
        double least = double.MaxValue;
        foreach (PencilDot dot in dots)
        {
            double distance = ray?.DistanceFrom(dot.At) ?? 0;
            if (distance < least)
            {
                (nearest, least) = (dot, distance);
            }
        }
        return nearest;
    }
}
