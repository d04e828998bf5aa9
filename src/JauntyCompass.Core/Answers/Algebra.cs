using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>An equation in x. Two that hold for the same x and no other are the same, however they are written.</summary>
/// <param name="Equation">The equation.</param>
public sealed record EquationAnswer(LinearEquation Equation) : ExactAnswer
{
    // Exact numbers are slow, and answers are compared with each other many times.
    private readonly Fraction? _solution = Equation.Solution;

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.AsWritten(Equation.ToString());

    // Of what stands on the sheet, in some order.
    /// <inheritdoc/>
    public override int UsualWrong => 40;

    /// <inheritdoc/>
    public bool Equals(EquationAnswer? other) =>
        other is not null
        && (
            _solution is Fraction own
                ? other._solution is Fraction its && own == its
                : Equation == other.Equation
        );

    /// <inheritdoc/>
    public override int GetHashCode() => _solution.GetHashCode();
}

/// <summary>What x stands for.</summary>
/// <param name="Value">The number.</param>
public sealed record UnknownValue(Fraction Value) : ExactAnswer
{
    /// <inheritdoc/>
    public override Message Text =>
        ExactNumber.IsDecimal(Value)
            ? Locales.Text.Algebra.XIsDecimal((double)Value)
            : Locales.Text.Algebra.XIs(ExactNumber.Write(Value));

    /// <inheritdoc/>
    public override int UsualWrong => 120;
}
