using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.FigureAngles;

/// <summary>A polygon all of whose angles are measured; their sum is the check.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Corners">Its corners, anticlockwise; 3 to 5, no angle over 180°.</param>
public sealed record FigureAnglesItem(
    Message Prompt,
    Protractor Instrument,
    IReadOnlyList<Point> Corners
) : InstrumentItem(Prompt, Instrument)
{
    /// <summary>Letters of the corners.</summary>
    internal static readonly string[] Letters = ["A", "B", "C", "D", "E"];

    /// <summary>What the angles of such a polygon come to together (Euclid I.32 for the triangle), in degrees.</summary>
    internal double Sum => 180 * (Corners.Count - 2);

    /// <summary>Letters of the angle at a corner.</summary>
    internal AngleNames NamesAt(int corner)
    {
        int count = Corners.Count;
        return new AngleNames(
            Letters[corner],
            Letters[(corner + 1) % count],
            Letters[(corner + count - 1) % count]
        );
    }

    /// <summary>The angle at a corner, from the side to the next corner.</summary>
    internal Angle At(int corner)
    {
        int count = Corners.Count;
        Point here = Corners[corner];
        Point next = Corners[(corner + 1) % count];
        Point before = Corners[(corner + count - 1) % count];
        Direction start = Direction.Between(here, next);
        Direction end = Direction.Between(here, before);
        return new Angle(
            here,
            start,
            new Measure(Direction.Reduce(end.Degrees - start.Degrees)),
            TurnDirection.Anticlockwise,
            here.DistanceTo(next),
            here.DistanceTo(before)
        );
    }

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Each("corners", Corners, 3, 5);
        if (!errors.None)
        {
            return;
        }
        for (int i = 0; i < Corners.Count; i++)
        {
            if (Corners[i].DistanceTo(Corners[(i + 1) % Corners.Count]) < 5)
            {
                errors.Add($"corners[{i}]", Text.Validation.Item.CornerDistance);
            }
            else if (At(i).Measure.Degrees is < 1 or > 179)
            {
                errors.Add($"corners[{i}]", Text.Validation.Item.CornerAngle);
            }
        }
    }
}

/// <summary>A reading at every corner, and their sum.</summary>
/// <param name="A">Reading at A, in degrees.</param>
/// <param name="B">Reading at B.</param>
/// <param name="C">Reading at C.</param>
/// <param name="Sum">What they come to.</param>
/// <param name="D">Reading at D, or null for a triangle.</param>
/// <param name="E">Reading at E, or null.</param>
/// <param name="APlacement">How the instrument lay at A, or null.</param>
/// <param name="BPlacement">How it lay at B.</param>
/// <param name="CPlacement">How it lay at C.</param>
/// <param name="DPlacement">How it lay at D.</param>
/// <param name="EPlacement">How it lay at E.</param>
public sealed record FigureAnglesResponse(
    double A,
    double B,
    double C,
    double Sum,
    double? D = null,
    double? E = null,
    Placement? APlacement = null,
    Placement? BPlacement = null,
    Placement? CPlacement = null,
    Placement? DPlacement = null,
    Placement? EPlacement = null
) : Response
{
    /// <summary>Reading and placement at a corner.</summary>
    internal (double? Reading, Placement? Placement) At(int corner) =>
        corner switch
        {
            0 => (A, APlacement),
            1 => (B, BPlacement),
            2 => (C, CPlacement),
            3 => (D, DPlacement),
            _ => (E, EPlacement),
        };

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        for (int i = 0; i < FigureAnglesItem.Letters.Length; i++)
        {
            string field = FigureAnglesItem.Letters[i].ToLowerInvariant();
            (double? reading, Placement? placement) = At(i);
            errors.Range(field, reading ?? 0, 0, 360, Unit.Degrees);
            errors.Within(field + "Placement", placement);
        }
        errors.Range("sum", Sum, 0, 1800, Unit.Degrees);
    }
}
