using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// The equation between some angles, in any form that still shows them or their sum: an x that is already found answers the next
/// step and not this one.
/// </summary>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="parts">The angles.</param>
/// <param name="read">What was written, as it was read; null while nothing is.</param>
/// <param name="leads">Equations that slips would give.</param>
public sealed class EquationStep(
    string key,
    Message title,
    AngleParts parts,
    Parsed<WrittenEquation>? read,
    IReadOnlyList<Lead<EquationAnswer>> leads
) : ExactStep<EquationAnswer>(key, title)
{
    /// <inheritdoc/>
    public override IReadOnlyList<EquationAnswer> Right { get; } = [new(parts.Equation)];

    /// <summary>The equation that was written, where it can be read and is more than the last line.</summary>
    protected override EquationAnswer? Given =>
        read?.Value is WrittenEquation written && ShowsTheParts(written)
            ? new(written.Equation)
            : null;

    /// <inheritdoc/>
    protected override IReadOnlyList<Lead<EquationAnswer>> Leads => leads;

    private Message Look =>
        parts.AreEqual ? Text.Algebra.Equation.LookEqual : Text.Algebra.Equation.LookSum;

    // What is equivalent shows the parts while it is their equation in another order, or that multiplied, which still has a term for each.
    private bool ShowsTheParts(WrittenEquation written)
    {
        if (written.IsSolved)
        {
            return false;
        }
        LinearExpression difference = written.Equation.Difference;
        LinearExpression own = parts.Equation.Difference;
        return !written.Equation.IsEquivalentTo(parts.Equation)
            || difference == own
            || difference == -own
            || written.TermsWithX >= parts.Expressions.Count(e => e.HasX);
    }

    /// <inheritdoc/>
    protected override Judgement Missing(MarkingRules rules) =>
        read switch
        {
            null => Marking.Judge.Unfinished(rules, Text.Algebra.Equation.Missing, Look),
            { Problem: { } problem } => new(Verdict.NotYet, new Feedback(null, problem.Text)),
            _ => new(
                Verdict.NotYet,
                new Feedback(null, Text.Algebra.Equation.FurtherOn, Text.Algebra.Equation.ShowParts)
            ),
        };

    /// <inheritdoc/>
    protected override Judgement Accepted(MarkingRules rules) =>
        new(Verdict.Accepted, new Feedback(null, Text.Algebra.Equation.Right));

    /// <inheritdoc/>
    protected override Feedback NotExplained(EquationAnswer given, MarkingRules rules) =>
        new(null, Text.Algebra.Equation.NotExplained, Look);
}
