using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>One of the things that can be chosen.</summary>
/// <param name="Choice">The choice.</param>
/// <param name="Right">Whether it is right.</param>
public sealed record Option(Choice Choice, bool Right = false)
{
    /// <summary>Makes an option.</summary>
    /// <param name="key">What the response carries.</param>
    /// <param name="text">What the student reads.</param>
    /// <param name="right">Whether it is right.</param>
    public Option(string key, Message text, bool right = false)
        : this(new Choice(key, text), right) { }

    /// <summary>The mistakes that lead to it.</summary>
    public IReadOnlyList<MistakeInContext> Causes { get; init; } = [];
}

/// <summary>A choice among a few things.</summary>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="options">What can be chosen.</param>
/// <param name="chosen">Key of what was chosen; null while nothing is.</param>
/// <param name="right">What is told about the right choice.</param>
/// <param name="look">Where to look again after a choice that no mistake explains.</param>
public sealed class ChoiceStep(
    string key,
    Message title,
    IReadOnlyList<Option> options,
    string? chosen,
    Message? right,
    Message? look
) : ExactStep<Choice>(key, title)
{
    private IReadOnlyList<Lead<Choice>>? _leads;

    /// <summary>What is told of a wrong choice that no mistake explains; null: that it is none.</summary>
    public Message? WhenWrong { get; init; }

    /// <inheritdoc/>
    public override IReadOnlyList<Choice> Right { get; } =
    [.. options.Where(o => o.Right).Select(o => o.Choice)];

    /// <inheritdoc/>
    protected override Choice? Given => options.FirstOrDefault(o => o.Choice.Key == chosen)?.Choice;

    /// <inheritdoc/>
    protected override IReadOnlyList<Lead<Choice>> Leads =>
        _leads ??= [
            .. options
                .SelectMany(o => o.Causes.Select(c => (Cause: c, o.Choice)))
                .GroupBy(p => p.Cause.Mistake)
                .Select(g => new Lead<Choice>(g.First().Cause, [.. g.Select(p => p.Choice)])),
        ];

    // One mistake may lead to several choices, and is explained at each in words of its own.
    /// <inheritdoc/>
    protected override MistakeInContext? Named(string mistake, Choice given) =>
        options
            .Where(o => o.Choice == given)
            .SelectMany(o => o.Causes)
            .FirstOrDefault(c => c.Mistake.Key == mistake)
        ?? base.Named(mistake, given);

    /// <inheritdoc/>
    protected override int Wrong => Math.Max(1, options.Count - Right.Count);

    /// <inheritdoc/>
    protected override Judgement Missing(MarkingRules rules) =>
        new(Verdict.NotYet, new Feedback(null, Text.Marks.Choice.Missing, look));

    /// <inheritdoc/>
    protected override Judgement Accepted(MarkingRules rules) =>
        new(Verdict.Accepted, new Feedback(null, right));

    /// <inheritdoc/>
    protected override Feedback NotExplained(Choice given, MarkingRules rules) =>
        new Feedback(null, WhenWrong ?? Text.Marks.Choice.Wrong, look);
}
