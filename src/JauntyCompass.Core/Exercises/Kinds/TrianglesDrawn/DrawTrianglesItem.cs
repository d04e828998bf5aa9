using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Drawn;
using JauntyCompass.Core.Exercises.TwoTriangles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.TrianglesDrawn;

/// <summary>A side of a triangle that stands on the sheet, on which the triangle is drawn.</summary>
/// <param name="From">Its left end as one looks towards the triangle.</param>
/// <param name="Direction">Which way it runs.</param>
/// <param name="Length">Its length, in mm; 30 to 100.</param>
/// <param name="Opening">On which side the triangle stands: as the angle at its left end opens.</param>
public sealed record TriangleBase(
    Point From,
    Direction Direction,
    double Length,
    TurnDirection Opening
) : IValidatable
{
    private const double Shortest = 30;
    private const double Longest = 100;

    /// <summary>The triangle that stands on it.</summary>
    /// <param name="left">The angle at its left end, in degrees.</param>
    /// <param name="right">The angle at its right end, in degrees.</param>
    internal Triangle With(double left, double right) =>
        Triangle.OnBase(From, Direction, Length, Opening, left, right);

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Within("from", From);
        errors.Range("length", Length, Shortest, Longest, Unit.Millimetres);
        errors.Known("opening", Opening);
    }
}

/// <summary>Two triangles that are drawn from their bases with two equal angles, and then measured.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The protractor.</param>
/// <param name="Ruler">The ruler.</param>
/// <param name="Left">The angle at A and at P, in degrees; 25 to 100.</param>
/// <param name="Right">The angle at B and at Q, in degrees; 25 to 100, both together at most 145.</param>
/// <param name="FirstBase">The side AB.</param>
/// <param name="SecondBase">The side PQ.</param>
public sealed record DrawTrianglesItem(
    Message Prompt,
    Protractor Instrument,
    Ruler Ruler,
    int Left,
    int Right,
    TriangleBase FirstBase,
    TriangleBase SecondBase
) : InstrumentItem(Prompt, Instrument)
{
    // In degrees: what can be drawn on the sheet.
    private const int LeastAngle = 25;
    private const int MostAngle = 100;
    private const int MostTogether = 145;

    /// <summary>The triangles as they shall be.</summary>
    internal TrianglePair Pair =>
        new(FirstBase.With(Left, Right), SecondBase.With(Left, Right)) { ByLetters = true };

    /// <summary>The angle to be drawn at an end of a base, from the base.</summary>
    /// <param name="second">Whether it is of the second triangle.</param>
    /// <param name="right">Whether it is at the right end.</param>
    internal Angle Asked(bool second, bool right)
    {
        Triangle triangle = second ? Pair.Second : Pair.First;
        int corner = right ? 1 : 0;
        // Of what is asked, not of the corners to a hundredth.
        return triangle.At(corner, next: 1 - corner) with
        {
            Measure = new Measure(right ? Right : Left),
        };
    }

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("ruler", Ruler);
        errors.Range("left", Left, LeastAngle, MostAngle, Unit.Degrees);
        errors.Range("right", Right, LeastAngle, MostAngle, Unit.Degrees);
        errors.Range("right", Left + Right, 2 * LeastAngle, MostTogether, Unit.Degrees);
        errors.Within("firstBase", FirstBase);
        errors.Within("secondBase", SecondBase);
    }
}

/// <summary>The drawing, then the sides that were measured in it, their ratios and what follows.</summary>
/// <param name="Strokes">Pencil strokes as they were made, at most 50.</param>
/// <param name="Dots">Dots, at most 50.</param>
/// <param name="Arc">A point inside an opening that was marked with an arc, or null.</param>
/// <param name="Placement">How the protractor lay when the last dot was made, or null.</param>
/// <param name="Bc">BC, in mm.</param>
/// <param name="Ca">CA, in mm.</param>
/// <param name="Qr">QR, in mm.</param>
/// <param name="Rp">RP, in mm.</param>
/// <param name="RatioAb">How many times AB goes into PQ, as it was typed.</param>
/// <param name="RatioBc">How many times BC goes into the side that corresponds to it.</param>
/// <param name="RatioCa">How many times CA goes into the side that corresponds to it.</param>
/// <param name="Similar">Whether the triangles are similar: <c>yes</c> or <c>no</c>.</param>
/// <param name="Reason">Why: <c>agree</c>, <c>differ</c>, <c>differences</c> or <c>looks</c>.</param>
public sealed record DrawTrianglesResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<Point> Dots,
    Point? Arc,
    Placement? Placement,
    double? Bc = null,
    double? Ca = null,
    double? Qr = null,
    double? Rp = null,
    string? RatioAb = null,
    string? RatioBc = null,
    string? RatioCa = null,
    string? Similar = null,
    string? Reason = null
) : DrawnResponse(Strokes, Dots, Arc, Placement), IMeasuredSides
{
    // The bases are told.
    double? IMeasuredSides.Ab => null;

    double? IMeasuredSides.Pq => null;

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        MeasuredSides.Check(this, errors);
    }
}
