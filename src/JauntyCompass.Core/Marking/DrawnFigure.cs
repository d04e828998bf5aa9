using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking;

/// <summary>A drawn angle as it is found on the sheet.</summary>
public sealed class DrawnFigure
{
    private DrawnFigure(Situation situation, StrokeLine? ray, Point? dot, Point? arc)
    {
        Situation = situation;
        Ray = ray;
        Dot = dot;
        Arc = arc;
        Turn = ray is StrokeLine line ? DrawnTurn.Of(situation.Angle, line.Direction) : null;
    }

    /// <summary>What was asked, and with what.</summary>
    public Situation Situation { get; }

    /// <summary>The second ray as drawn, or null when there is none.</summary>
    public StrokeLine? Ray { get; }

    /// <summary>The dot that the ray was drawn by: of several the one nearest to it. Null when there is none.</summary>
    public Point? Dot { get; }

    /// <summary>Where the arc was put, or null.</summary>
    public Point? Arc { get; }

    /// <summary>Degrees from the base ray to the drawn ray, negative the wrong way round; null without a ray.</summary>
    public double? Turn { get; }

    /// <summary>The measure of what was drawn, in degrees; null without a ray.</summary>
    public double? Value => Turn is double turn ? Math.Abs(turn) : null;

    /// <summary>The measure that the dot alone would give, in degrees; null without a dot.</summary>
    public double? ValueAtDot =>
        Dot is Point dot
            ? Math.Abs(DrawnTurn.Of(Situation.Angle, Direction.Between(Vertex, dot)))
            : null;

    /// <summary>The vertex given with the base ray.</summary>
    public Point Vertex => Situation.Angle.Vertex;

    /// <summary>Reads a drawing from its raw strokes: the longest stroke is the second ray.</summary>
    /// <param name="situation">What was asked, and with what.</param>
    /// <param name="strokes">Strokes, each a list of points in mm.</param>
    /// <param name="dots">Dots.</param>
    /// <param name="arc">A point in the opening that was marked with an arc.</param>
    public static DrawnFigure Of(
        Situation situation,
        IReadOnlyList<IReadOnlyList<Point>> strokes,
        IReadOnlyList<Point> dots,
        Point? arc
    )
    {
        StrokeLine? ray = null;
        for (int i = 0; i < strokes.Count; i++)
        {
            StrokeLine? line = StrokeLine.Fit(strokes[i], situation.Angle.Vertex);
            if (line?.Length > (ray?.Length ?? 0))
            {
                ray = line;
            }
        }
        return new DrawnFigure(situation, ray, NearestDot(dots, ray), arc);
    }

    /// <summary>
    /// How far a dot lies beside the ray, in mm, the ray prolonged: a short ray may well aim at its dot.
    /// </summary>
    public double? DotMiss
    {
        get
        {
            if (Ray is not StrokeLine ray || Dot is not Point dot)
            {
                return null;
            }
            double off = ray.Direction.ShorterTurnTo(Direction.Between(ray.Near, dot));
            return Math.Abs(ray.Near.DistanceTo(dot) * Math.Sin(off * (Math.PI / 180)));
        }
    }

    private static Point? NearestDot(IReadOnlyList<Point> dots, StrokeLine? ray)
    {
        Point? nearest = null;
        double least = double.MaxValue;
        for (int i = 0; i < dots.Count; i++)
        {
            double distance = ray?.DistanceFrom(dots[i]) ?? 0;
            if (distance < least)
            {
                (nearest, least) = (dots[i], distance);
            }
        }
        return nearest;
    }
}
