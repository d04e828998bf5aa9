using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Drawn;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Draw;

/// <summary>A measure, and mostly a base ray on the sheet; the student draws the second ray, or both.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Measure">The measure to draw, more than 0° and up to 180°.</param>
/// <param name="BaseRay">The base ray, starting at the vertex; null where the student draws it, too.</param>
/// <param name="Opening">Which way round from the base ray the angle opens; open to choice where the base ray is.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record DrawItem(
    Message Prompt,
    Protractor Instrument,
    Measure Measure,
    BaseRay? BaseRay,
    TurnDirection Opening,
    AngleNames Names
) : InstrumentItem(Prompt, Instrument)
{
    /// <summary>The smallest measure that can be drawn without a given base ray, in degrees.</summary>
    public const int LeastOwn = 10;

    /// <summary>The largest one.</summary>
    public const int MostOwn = 170;

    // Where there is no base ray yet, the angle is thought of in the middle of the sheet.
    private BaseRay Thought => BaseRay ?? new BaseRay(default, default, Instrument.EdgeRadius + 8);

    /// <summary>The angle as it is asked for.</summary>
    internal Angle Asked => On(Thought.Vertex, Thought.Direction, Thought.Length, Opening);

    /// <summary>The angle as it is asked for on a base ray.</summary>
    internal Angle On(Point vertex, Direction start, double length, TurnDirection opening) =>
        new(vertex, start, Measure, opening, length, length);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Range("measure", Measure.Degrees, 0.1, 180, Unit.Degrees);
        if (BaseRay is null && Measure.Degrees is < LeastOwn or > MostOwn)
        {
            errors.Add("baseRay", Text.Validation.Item.GiveTheRay(LeastOwn, MostOwn));
        }
        errors.Within("baseRay", BaseRay);
        errors.Known("opening", Opening);
        errors.Within("names", Names);
    }
}

/// <summary>What a student drew.</summary>
/// <param name="Strokes">Pencil strokes as they were made, at most 50.</param>
/// <param name="Dots">Dots, at most 50.</param>
/// <param name="Arc">A point inside the opening that was marked with an arc, or null.</param>
/// <param name="Placement">How the instrument lay when the last dot was made, or null.</param>
/// <param name="KindSaid">The kind that was said beforehand, or null.</param>
public sealed record DrawResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<Point> Dots,
    Point? Arc = null,
    Placement? Placement = null,
    AngleKind? KindSaid = null
) : DrawnResponse(Strokes, Dots, Arc, Placement)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        SaidFirst.Validate(errors, KindSaid);
    }
}
