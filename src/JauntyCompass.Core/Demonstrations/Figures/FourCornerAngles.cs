using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Figures;

/// <summary>The four angles of a figure with four corners.</summary>
public sealed class FourCornerAngles()
    : PolygonAngles(
        new DemonstrationFacts(
            "figure-angles",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.Polygon.FigureTitle,
            Text.Demonstrations.Polygon.FigureSummary
        )
        {
            UsualMeasure = 72,
            LeastMeasure = 25,
            MostMeasure = 100,
            WhyMeasure = Text.Demonstrations.Why.FigureNeedsRoom,
        },
        whole: 360
    )
{
    // Shares of what the corners before leave, so that no two are alike.
    private const double ThirdShare = 0.29;
    private const double SecondShare = 0.48;

    // Lengths of the second side that are tried beside a first one of this length.
    private const double Base = 100;
    private static readonly double[] Tried = [.. Enumerable.Range(4, 40).Select(i => 5.0 * i)];

    // One side is given, the next is the one with which no side becomes short; the other two meet where their directions say.
    private protected override (
        IReadOnlyList<double> Degrees,
        IReadOnlyList<Point> Points
    ) FigureWith(double first)
    {
        double third = Math.Round((360 - first) * ThirdShare);
        double second = Math.Round((360 - first - third) * SecondShare);
        Point[] best = Tried
            .Select(side => WithSide(first, second, third, side))
            .OfType<Point[]>()
            .MaxBy(corners => Sides(corners).Min() / Sides(corners).Max())!;
        double scale = Longest / Sides(best).Max();
        return (
            [first, second, third, 360 - first - second - third],
            [.. best.Select(p => new Point(p.X * scale, p.Y * scale))]
        );
    }

    private static IEnumerable<double> Sides(Point[] corners) =>
        corners.Select((p, i) => p.DistanceTo(corners[(i + 1) % corners.Length]));

    // The last corner lies where a line from the first meets one from the third; null where they do not meet ahead.
    private static Point[]? WithSide(double first, double second, double third, double side)
    {
        var next = new Point(Base, 0);
        Point across = next.Towards(new Direction(180 - second), side);
        var fromFirst = new Direction(first);
        (double sin, double cos) = fromFirst.SinCos();
        var fromThird = new Direction(360 - second - third);
        (double thirdSin, double thirdCos) = fromThird.SinCos();
        double between = thirdSin * cos - thirdCos * sin;
        double along = (across.X * thirdSin - across.Y * thirdCos) / between;
        double back = (across.X * sin - across.Y * cos) / between;
        return along > 0 && back > 0
            ? [default, next, across, default(Point).Towards(fromFirst, along)]
            : null;
    }
}
