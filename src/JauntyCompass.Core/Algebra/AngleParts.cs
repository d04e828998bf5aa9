using System.Text.Json.Serialization;
using Fractions;

namespace JauntyCompass.Core.Algebra;

/// <summary>How angles belong together.</summary>
public enum PartsFigure
{
    /// <summary>Parts of a right angle, shown by its box.</summary>
    RightAngle,

    /// <summary>Parts of a straight angle (Euclid I.13).</summary>
    StraightLine,

    /// <summary>Parts of a full turn.</summary>
    FullTurn,

    /// <summary>Two angles that a bisector makes of one (Euclid I.9).</summary>
    Bisected,

    /// <summary>Two angles opposite each other where two lines cross (Euclid I.15).</summary>
    Opposite,

    /// <summary>An angle and its reflex.</summary>
    Reflex,
}

/// <summary>Angles that make a whole or are equal, each an expression in x, in degrees.</summary>
/// <param name="Figure">How they belong together.</param>
/// <param name="Expressions">Their measures, side by side anticlockwise; two or three.</param>
public sealed record AngleParts(PartsFigure Figure, IReadOnlyList<LinearExpression> Expressions)
{
    /// <summary>The wholes that parts of an angle make, in degrees: a right angle, a straight one, a full turn.</summary>
    public static IReadOnlyList<int> Wholes { get; } = [90, 180, 360];

    /// <summary>Whether they are equal; else they make a whole.</summary>
    [JsonIgnore]
    public bool AreEqual => Whole is null;

    /// <summary>The whole they make, in degrees; null where they are equal.</summary>
    [JsonIgnore]
    public int? Whole => WholeOf(Figure);

    /// <summary>The whole that the angles of a figure make, in degrees; null where they are equal.</summary>
    public static int? WholeOf(PartsFigure figure) =>
        figure switch
        {
            PartsFigure.RightAngle => 90,
            PartsFigure.StraightLine => 180,
            PartsFigure.FullTurn or PartsFigure.Reflex => 360,
            _ => null,
        };

    /// <summary>All of them together.</summary>
    [JsonIgnore]
    public LinearExpression Sum { get; } = SumOf(Expressions);

    /// <summary>The equation that holds between them.</summary>
    [JsonIgnore]
    public LinearEquation Equation { get; } = EquationOf(Figure, Expressions);

    /// <summary>x; null where no x, or any, would do.</summary>
    [JsonIgnore]
    public Fraction? X { get; } = EquationOf(Figure, Expressions).Solution;

    /// <summary>Their measures in degrees; empty where no x, or any, would do.</summary>
    [JsonIgnore]
    public IReadOnlyList<Fraction> Measures { get; } =
        EquationOf(Figure, Expressions).Solution is Fraction x
            ? [.. Expressions.Select(e => e.At(x))]
            : [];

    // Exact numbers are slow, and every step of an item asks for these: they are worked out once. Of what is no item there are none.
    private static LinearExpression SumOf(IReadOnlyList<LinearExpression>? expressions) =>
        expressions is { Count: > 0 } ? expressions.Aggregate((a, b) => a + b) : default;

    private static LinearEquation EquationOf(
        PartsFigure figure,
        IReadOnlyList<LinearExpression>? expressions
    ) =>
        expressions is not { Count: > 1 } ? default
        : WholeOf(figure) is int whole ? new(SumOf(expressions), LinearExpression.Of(whole))
        : new(expressions[0], expressions[1]);

    /// <summary>The equation that would hold if they made up a whole.</summary>
    public LinearEquation MakingUp(int whole) => new(Sum, LinearExpression.Of(whole));

    /// <summary>An equation as it is written of them: part by part where one side is their sum.</summary>
    public string Write(LinearEquation equation) =>
        equation.Left == Sum
            ? $"{string.Join(" + ", Expressions.Select(e => e.X.IsNegative ? $"({e})" : e.ToString()))} = {equation.Right}"
            : equation.ToString();

    /// <summary>Their measures in degrees where x has a value.</summary>
    public IReadOnlyList<Fraction> At(Fraction x) =>
        x == X ? Measures : [.. Expressions.Select(e => e.At(x))];
}
