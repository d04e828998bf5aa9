using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary>A drawing as it comes out with a mistake.</summary>
/// <param name="From">Where the second ray starts.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Dot">The dot it was drawn by.</param>
/// <param name="Arc">A point in the opening that is marked.</param>
public sealed record DrawingExample(Point From, Point To, Point Dot, Point Arc)
{
    private const double OutsideRim = 1.5;
    private const double BeyondRim = 13;
    private const double ArcRadius = 14;

    /// <summary>A drawing without a mistake, from which those with one differ.</summary>
    internal static DrawingExample Well(Angle asked, Protractor instrument) =>
        new(
            asked.Vertex,
            asked.Vertex.Towards(asked.End, instrument.EdgeRadius + BeyondRim),
            asked.Vertex.Towards(asked.End, instrument.EdgeRadius + OutsideRim),
            asked.Vertex.Towards(asked.Bisector, ArcRadius)
        );
}

/// <summary>A mistake as it is made on the sheet.</summary>
/// <param name="Placement">How the instrument lies.</param>
/// <param name="Scale">Index of the scale that is counted along.</param>
/// <param name="CountedTo">How far is counted, in degrees on that scale.</param>
/// <param name="Answer">What is written in the end, in degrees.</param>
public sealed record MeasuringExample(
    Placement Placement,
    int Scale,
    double CountedTo,
    double Answer
);
