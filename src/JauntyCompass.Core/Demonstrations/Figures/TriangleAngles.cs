using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Figures;

/// <summary>The three angles of a triangle.</summary>
public sealed class TriangleAngles()
    : PolygonAngles(
        new DemonstrationFacts(
            "triangle-angles",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.Polygon.TriangleTitle,
            Text.Demonstrations.Polygon.TriangleSummary
        )
        {
            UsualMeasure = 64,
            LeastMeasure = 25,
            MostMeasure = 110,
            WhyMeasure = Text.Demonstrations.Why.FigureNeedsRoom,
        },
        whole: 180
    )
{
    // The second corner's share of what the first leaves: no two of the three alike.
    private const double Share = 0.44;

    private protected override (
        IReadOnlyList<double> Degrees,
        IReadOnlyList<Point> Points
    ) FigureWith(double first)
    {
        double second = Math.Round((180 - first) * Share);
        return ([first, second, 180 - first - second], Corners.OfTriangle(first, second, Longest));
    }
}
