using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Drawn;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.SpecialDrawings;

/// <summary>What is to be drawn.</summary>
public enum SpecialDrawing
{
    /// <summary>A straight angle.</summary>
    Straight,

    /// <summary>A right angle.</summary>
    Right,

    /// <summary>A reflex angle: the arc on the outside makes it one.</summary>
    Reflex,

    /// <summary>The supplement of a given measure.</summary>
    Supplement,
}

/// <summary>A straight, right or reflex angle to be drawn, or a supplement.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Wanted">What is to be drawn.</param>
/// <param name="Measure">The measure that must come out, in degrees.</param>
/// <param name="BaseRay">The base ray.</param>
/// <param name="Opening">Which way round from the base ray the angle opens.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record DrawSpecialItem(
    Message Prompt,
    Protractor Instrument,
    SpecialDrawing Wanted,
    Measure Measure,
    BaseRay BaseRay,
    TurnDirection Opening,
    AngleNames Names
) : InstrumentItem(Prompt, Instrument)
{
    /// <summary>The angle as it is asked for.</summary>
    internal Angle Asked =>
        new(BaseRay.Vertex, BaseRay.Direction, Measure, Opening, BaseRay.Length, BaseRay.Length);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Known("wanted", Wanted);
        errors.Range("measure", Measure.Degrees, 1, 359, Unit.Degrees);
        errors.Within("baseRay", BaseRay);
        errors.Known("opening", Opening);
        errors.Within("names", Names);
        if (Wanted == SpecialDrawing.Reflex != Measure.Degrees > 180)
        {
            errors.Add("measure", Text.Validation.Item.Over180);
        }
    }
}

/// <summary>What a student drew.</summary>
/// <param name="Strokes">Pencil strokes as they were made, at most 50.</param>
/// <param name="Dots">Dots, at most 50.</param>
/// <param name="Arc">A point inside the opening that was marked, or null.</param>
/// <param name="Placement">How the instrument lay when the last dot was made, or null.</param>
public sealed record DrawSpecialResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<Point> Dots,
    Point? Arc = null,
    Placement? Placement = null
) : DrawnResponse(Strokes, Dots, Arc, Placement);
