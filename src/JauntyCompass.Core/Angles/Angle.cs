using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Angles;

/// <summary>The way round from the start arm to the end arm, as seen on the sheet.</summary>
public enum TurnDirection
{
    /// <summary>Against the hands of a clock.</summary>
    Anticlockwise,

    /// <summary>With the hands of a clock.</summary>
    Clockwise,
}

/// <summary>Sign conventions of an <see cref="TurnDirection"/>.</summary>
public static class TurnDirections
{
    /// <summary>+1 for anticlockwise, -1 for clockwise: the sign of a turn that opens this way.</summary>
    public static int Sign(this TurnDirection opening) =>
        opening == TurnDirection.Anticlockwise ? 1 : -1;

    /// <summary>The other way round.</summary>
    public static TurnDirection Reversed(this TurnDirection opening) =>
        opening == TurnDirection.Anticlockwise
            ? TurnDirection.Clockwise
            : TurnDirection.Anticlockwise;
}

/// <summary>One arm of an angle as a ray drawn with a length.</summary>
/// <param name="From">Where the arm starts: the vertex.</param>
/// <param name="Direction">Which way it points.</param>
/// <param name="Length">How far it is drawn, in mm.</param>
public readonly record struct Arm(Point From, Direction Direction, double Length)
{
    /// <summary>Where the drawn arm ends.</summary>
    public Point Tip => From.Towards(Direction, Length);
}

/// <summary>Which of an angle's two arms.</summary>
public enum WhichArm
{
    /// <summary>The arm from which the angle opens.</summary>
    Start,

    /// <summary>The arm at which the opening ends.</summary>
    End,
}

/// <summary>
/// An angle drawn on the sheet. Its end arm follows from the start arm, the measure and the opening, so the four cannot
/// contradict each other, and a reflex angle is told apart from the smaller angle between the same arms.
/// </summary>
/// <param name="Vertex">Where the arms meet.</param>
/// <param name="Start">Direction of the start arm.</param>
/// <param name="Measure">Size of the opening, 0° to 360°.</param>
/// <param name="Opening">Which way round it opens from the start arm.</param>
/// <param name="StartLength">Drawn length of the start arm, in mm, from 1 to 1000.</param>
/// <param name="EndLength">Drawn length of the end arm, in mm, from 1 to 1000.</param>
public sealed record Angle(
    Point Vertex,
    Direction Start,
    Measure Measure,
    TurnDirection Opening,
    double StartLength,
    double EndLength
) : IValidatable
{
    /// <summary>The shortest arm that counts as drawn, in mm.</summary>
    public const double ShortestArm = 1;

    /// <summary>The longest arm, in mm.</summary>
    public const double LongestArm = 1000;

    /// <summary>Direction of the end arm.</summary>
    public Direction End => Start.Turned(Opening.Sign() * Measure.Degrees);

    /// <summary>The start arm.</summary>
    public Arm StartArm => new(Vertex, Start, StartLength);

    /// <summary>The end arm.</summary>
    public Arm EndArm => new(Vertex, End, EndLength);

    /// <summary>One of the two arms.</summary>
    public Arm this[WhichArm arm] => arm == WhichArm.Start ? StartArm : EndArm;

    /// <summary>The direction that halves the opening (Euclid, <i>Elements</i> I.9).</summary>
    public Direction Bisector => Start.Turned(Opening.Sign() * Measure.Degrees / 2);

    /// <summary>
    /// The same arms with the opening that is not reflex: the angle a half circle can measure. Itself up to 180°.
    /// </summary>
    public Angle Smaller =>
        Measure.Degrees <= 180
            ? this
            : this with
            {
                Measure = Measure.Explement,
                Opening = Opening.Reversed(),
            };

    /// <summary>The same angle told from its other arm: end becomes start, and the opening is reversed.</summary>
    public Angle FromOtherArm =>
        new(
            Vertex,
            End,
            Measure,
            Opening.Reversed(),
            StartLength: EndLength,
            EndLength: StartLength
        );

    /// <summary>The same angle with the whole figure turned about its vertex, anticlockwise positive.</summary>
    public Angle TurnedBy(double degrees) => this with { Start = Start.Turned(degrees) };

    /// <inheritdoc/>
    public override string ToString() =>
        $"{Measure} {Opening} from {Start} at ({Vertex.X}, {Vertex.Y}), arms {StartLength} and {EndLength} mm";

    /// <summary>Requires the vertex on the sheet and both lengths in range.</summary>
    public void Validate(ValidationErrors errors)
    {
        errors.Within("vertex", Vertex);
        errors.Known("opening", Opening);
        errors.Range("startLength", StartLength, ShortestArm, LongestArm, Unit.Millimetres);
        errors.Range("endLength", EndLength, ShortestArm, LongestArm, Unit.Millimetres);
    }
}
