using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>An equation in x. Two that hold for the same x and no other are the same, however they are written.</summary>
/// <param name="Equation">The equation.</param>
public sealed record EquationAnswer(LinearEquation Equation) : ExactAnswer
{
    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.AsWritten(Equation.ToString());

    // Of what stands on the sheet, in some order.
    /// <inheritdoc/>
    public override int UsualWrong => 40;

    /// <inheritdoc/>
    public bool Equals(EquationAnswer? other) =>
        other is not null
        && (Equation == other.Equation || Equation.IsEquivalentTo(other.Equation));

    /// <inheritdoc/>
    public override int GetHashCode() => Equation.Solution.GetHashCode();
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
