using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// A number that is worked out exactly and typed in any way that <see cref="AlgebraReader"/> reads. One that is rounded is near, and is said to be.
/// </summary>
/// <typeparam name="TAnswer">What it is a number of.</typeparam>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="right">The right numbers: the true one, and what follows from the steps before it.</param>
/// <param name="read">What was written, as it was read; null while nothing is.</param>
/// <param name="of">The answer that a number is.</param>
/// <param name="leads">Answers that slips would give.</param>
/// <param name="look">Where to look again after an answer that no slip explains.</param>
public sealed class WrittenNumberStep<TAnswer>(
    string key,
    Message title,
    IReadOnlyList<Fraction> right,
    Parsed<WrittenNumber>? read,
    Func<Fraction, TAnswer> of,
    IReadOnlyList<Lead<TAnswer>> leads,
    Message look
) : ExactStep<TAnswer>(key, title)
    where TAnswer : ExactAnswer
{
    /// <inheritdoc/>
    public override IReadOnlyList<TAnswer> Right { get; } = [.. right.Distinct().Select(of)];

    /// <inheritdoc/>
    protected override TAnswer? Given =>
        read?.Value is WrittenNumber written ? of(written.Value) : null;

    /// <inheritdoc/>
    protected override IReadOnlyList<Lead<TAnswer>> Leads => leads;

    private bool IsRounded => read?.Value is WrittenNumber written && right.Any(written.IsRounded);

    /// <inheritdoc/>
    protected override bool IsRight(TAnswer answer) => Right.Contains(answer) || IsRounded;

    /// <inheritdoc/>
    protected override Judgement Missing(MarkingRules rules) =>
        read?.Problem is ParsingProblem problem
            ? new(Verdict.NotYet, new Feedback(null, problem.Text))
            : Marking.Judge.Unfinished(rules, Text.Algebra.Number.Missing, look);

    /// <inheritdoc/>
    protected override Judgement Accepted(MarkingRules rules) =>
        Given is TAnswer given && Right.Contains(given)
            ? new(Verdict.Accepted, new Feedback(null, Text.Algebra.Number.Right))
            : new(
                Verdict.Near,
                new Feedback(null, Text.Algebra.Number.Rounded, Text.Algebra.Number.KeepExact)
            );

    /// <inheritdoc/>
    protected override Feedback NotExplained(TAnswer given, MarkingRules rules) =>
        new(null, Text.Algebra.Number.NotExplained, look);
}
