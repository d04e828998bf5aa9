using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A number that is counted or worked out without an instrument, with the answers that slips of thinking would give.</summary>
/// <typeparam name="TAnswer">What it is a number of.</typeparam>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="truth">The true answer.</param>
/// <param name="answer">What was answered; null while nothing is.</param>
/// <param name="leads">Answers that slips would give.</param>
/// <param name="right">What is told about the right answer.</param>
/// <param name="look">Where to look again after an answer that no slip explains.</param>
public sealed class NumberStep<TAnswer>(
    string key,
    Message title,
    TAnswer truth,
    TAnswer? answer,
    IReadOnlyList<Lead<TAnswer>> leads,
    Message right,
    Message look
) : ExactStep<TAnswer>(key, title)
    where TAnswer : ExactAnswer
{
    /// <summary>What should give pause though it was worked out rightly; null where nothing should.</summary>
    public Message? Doubt { get; init; }

    /// <inheritdoc/>
    public override IReadOnlyList<TAnswer> Right { get; } = [truth];

    /// <inheritdoc/>
    protected override TAnswer? Given => answer;

    /// <inheritdoc/>
    protected override IReadOnlyList<Lead<TAnswer>> Leads => leads;

    /// <inheritdoc/>
    protected override Judgement Missing(MarkingRules rules) =>
        Marking.Judge.Unfinished(rules, Text.Marks.Number.Missing, look);

    /// <inheritdoc/>
    protected override Judgement Accepted(MarkingRules rules) =>
        new(Doubt is null ? Verdict.Accepted : Verdict.Near, new Feedback(null, Doubt ?? right));

    /// <inheritdoc/>
    protected override Feedback NotExplained(TAnswer given, MarkingRules rules) =>
        new Feedback(null, Text.Marks.Reading.NotExplained, look);
}
