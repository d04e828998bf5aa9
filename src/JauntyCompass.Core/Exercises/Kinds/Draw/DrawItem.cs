using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Exercises.Drawn;
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
) : InstrumentItem(Prompt, Instrument)
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
    public override Placement? LaidOn => Placement;

    /// <inheritdoc/>
    public override void Check(Faults faults)
    {
        faults.Each("strokes", Strokes, 0, 50);
        faults.Each("dots", Dots, 0, 50);
        faults.Within("arc", Arc);
        faults.Within("placement", Placement);
    }
}
