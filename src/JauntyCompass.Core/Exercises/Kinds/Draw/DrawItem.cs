using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Kinds.Draw;

/// <summary>A base ray on the sheet and a measure; the student draws the second ray.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Measure">The measure to draw, more than 0° and up to 180°.</param>
/// <param name="BaseRay">The base ray, starting at the vertex.</param>
/// <param name="Opening">Which way round from the base ray the angle opens.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record DrawItem(
    string Prompt,
    Protractor Instrument,
    Angles.Measure Measure,
    BaseRay BaseRay,
    Opening Opening,
    AngleNames Names
) : Item(Prompt, Instrument)
{
    /// <summary>The angle as it is asked for.</summary>
    internal Angle Asked =>
        new(BaseRay.Vertex, BaseRay.Direction, Measure, Opening, BaseRay.Length, BaseRay.Length);

    /// <inheritdoc/>
    public override void Check(Faults faults)
    {
        base.Check(faults);
        faults.Range("measure", Measure.Degrees, 0.1, 180, "degrees");
        faults.Within("baseRay", BaseRay);
        faults.Known("opening", Opening);
        faults.Within("names", Names);
    }
}

/// <summary>A ray given on the sheet.</summary>
/// <param name="Vertex">Its endpoint, the vertex of the angle to be drawn.</param>
/// <param name="Direction">Which way it points, in degrees anticlockwise from the x-axis.</param>
/// <param name="Length">How far it is drawn, mm, 1 to 1000.</param>
public sealed record BaseRay(Point Vertex, Direction Direction, double Length) : IChecked
{
    /// <inheritdoc/>
    public void Check(Faults faults)
    {
        faults.Within("vertex", Vertex);
        faults.Range("length", Length, Angle.ShortestArm, Angle.LongestArm, "mm");
    }
}

/// <summary>One stroke of the pencil.</summary>
/// <param name="Points">Raw points in the order of drawing, in mm; 1 to 2000.</param>
public sealed record Stroke(IReadOnlyList<Point> Points) : IChecked
{
    /// <inheritdoc/>
    public void Check(Faults faults) => faults.Each("points", Points, 1, 2000);
}

/// <summary>What a student drew.</summary>
/// <param name="Strokes">Pencil strokes, at most 50; the longest is taken for the second ray.</param>
/// <param name="Dots">Dots, at most 50.</param>
/// <param name="Arc">A point inside the opening that was marked with an arc, or null.</param>
/// <param name="Placement">How the instrument lay when the last dot was made, or null when it was never laid on.</param>
public sealed record DrawResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<Point> Dots,
    Point? Arc = null,
    Placement? Placement = null
) : Response
{
    /// <inheritdoc/>
    public override void Check(Faults faults)
    {
        faults.Each("strokes", Strokes, 0, 50);
        faults.Each("dots", Dots, 0, 50);
        faults.Within("arc", Arc);
        faults.Within("placement", Placement);
    }
}
