using System.Text;
using System.Text.Json.Serialization;
using Fractions;

namespace JauntyCompass.Core.Algebra;

/// <summary>An expression a·x + b with exact coefficients, such as 3x + 2 or ½x − 4.</summary>
/// <param name="X">The coefficient of x.</param>
/// <param name="Constant">What is added to it.</param>
[JsonConverter(typeof(LinearExpressionJsonConverter))]
public readonly record struct LinearExpression(Fraction X, Fraction Constant)
{
    /// <summary>A number alone.</summary>
    public static LinearExpression Of(Fraction constant) => new(Fraction.Zero, constant);

    /// <summary>x alone.</summary>
    public static LinearExpression Unknown { get; } = new(Fraction.One, Fraction.Zero);

    /// <summary>Whether its value depends on x.</summary>
    public bool HasX => !X.IsZero;

    /// <summary>Its value where x has a value.</summary>
    public Fraction At(Fraction x) => X * x + Constant;

    /// <summary>The sum of two.</summary>
    public static LinearExpression operator +(LinearExpression a, LinearExpression b) =>
        new(a.X + b.X, a.Constant + b.Constant);

    /// <summary>The difference of two.</summary>
    public static LinearExpression operator -(LinearExpression a, LinearExpression b) =>
        new(a.X - b.X, a.Constant - b.Constant);

    /// <summary>Its opposite.</summary>
    public static LinearExpression operator -(LinearExpression a) => new(-a.X, -a.Constant);

    /// <summary>Some times as much.</summary>
    public static LinearExpression operator *(LinearExpression a, Fraction factor) =>
        new(a.X * factor, a.Constant * factor);

    /// <summary>As a student writes it: <c>3x + 2</c>, <c>x − 4</c>, <c>½x + 10</c>, <c>3x/7</c>, <c>40</c>.</summary>
    public override string ToString()
    {
        if (!HasX)
        {
            return ExactNumber.Write(Constant);
        }
        var text = new StringBuilder();
        if (X.IsNegative)
        {
            text.Append('−');
        }
        Fraction times = X.Abs();
        text.Append(
            times == Fraction.One ? "x"
            : times.Denominator.IsOne || ExactNumber.Vulgar(times) is not null
                ? ExactNumber.Write(times) + "x"
            : times.Numerator.IsOne ? $"x/{times.Denominator}"
            : $"{times.Numerator}x/{times.Denominator}"
        );
        if (!Constant.IsZero)
        {
            text.Append(Constant.IsNegative ? " − " : " + ")
                .Append(ExactNumber.Write(Constant.Abs()));
        }
        return text.ToString();
    }
}

/// <summary>An equation between two expressions.</summary>
/// <param name="Left">What stands left of the equals sign.</param>
/// <param name="Right">What stands right of it.</param>
public readonly record struct LinearEquation(LinearExpression Left, LinearExpression Right)
{
    /// <summary>Left less right: 0 where the equation holds.</summary>
    public LinearExpression Difference => Left - Right;

    /// <summary>The only x for which it holds; null where there is none, or where it holds for every x.</summary>
    public Fraction? Solution => Difference is { HasX: true } d ? -d.Constant / d.X : null;

    /// <summary>Whether it holds for the same x as another, and for no other.</summary>
    public bool IsEquivalentTo(LinearEquation other) =>
        Solution is Fraction own && other.Solution is Fraction its && own == its;

    /// <inheritdoc/>
    public override string ToString() => $"{Left} = {Right}";
}
