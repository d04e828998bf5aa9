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
/// <param name="written">What was written; null while nothing is.</param>
/// <param name="of">The answer that a number is.</param>
/// <param name="leads">Answers that slips would give.</param>
/// <param name="look">Where to look again after an answer that no slip explains.</param>
public sealed class WrittenNumberStep<TAnswer>(
    string key,
    Message title,
    IReadOnlyList<Fraction> right,
    string? written,
    Func<Fraction, TAnswer> of,
    IReadOnlyList<Lead<TAnswer>> leads,
    Message look
) : ExactStep<TAnswer>(key, title)
    where TAnswer : ExactAnswer
{
    private readonly Parsed<WrittenNumber>? _read = written is null
        ? null
        : AlgebraReader.Number(written);

    /// <inheritdoc/>
    public override IReadOnlyList<TAnswer> Right { get; } = [.. right.Distinct().Select(of)];

    /// <inheritdoc/>
    protected override TAnswer? Given =>
        _read is { IsRead: true } read ? of(read.Value.Value) : null;

    /// <inheritdoc/>
    protected override IReadOnlyList<Lead<TAnswer>> Leads => leads;

    private bool IsRounded => _read is { IsRead: true } read && right.Any(read.Value.IsRounded);

    /// <inheritdoc/>
    protected override bool IsRight(TAnswer answer) => Right.Contains(answer) || IsRounded;

    /// <inheritdoc/>
    protected override Judgement Missing(MarkingRules rules) =>
        _read is { Problem: { } problem }
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
