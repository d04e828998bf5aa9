using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A name for an angle, written down.</summary>
/// <param name="angle">The angle that is meant.</param>
/// <param name="name">What was written; null while nothing is.</param>
public sealed class NameStep(AngleToName angle, string? name)
    : ExactStep<AngleName>("name", Text.Kinds.Steps.Name)
{
    /// <inheritdoc/>
    public override IReadOnlyList<AngleName> Right { get; } =
    [new(angle.Start, angle.Vertex, angle.End)];

    /// <inheritdoc/>
    protected override AngleName? Given => name is null ? null : new AngleName(name);

    /// <inheritdoc/>
    protected override IReadOnlyList<Lead<AngleName>> Leads { get; } =
    [
        .. MistakeCatalogue
            .OfNaming.Select(m => (Mistake: m, Name: PredictionCatalogue.Predict(m, angle)))
            .Where(p => p.Name is not null)
            .Select(p => new Lead<AngleName>(MistakeInContext.Of(p.Mistake), [p.Name!])),
    ];

    // A name may be right or wrong in many ways that are one: small letters, without the sign, from either arm.
    private NameVerdict Worth(AngleName given) => NameCheck.Of(given.Letters, angle);

    /// <inheritdoc/>
    protected override bool IsRight(AngleName answer) => Worth(answer) == NameVerdict.Allowed;

    /// <inheritdoc/>
    protected override bool IsOf(Lead<AngleName> lead, AngleName answer) =>
        lead.By.Mistake is NamingMistake naming && naming.Verdict == Worth(answer);

    /// <inheritdoc/>
    protected override Judgement Missing(MarkingRules rules) =>
        Marking.Judge.Unfinished(rules, Text.Marks.Name.Missing, Text.Marks.Name.SayLetters);

    /// <inheritdoc/>
    protected override Judgement Accepted(MarkingRules rules) =>
        new(Verdict.Accepted, new Feedback(null, Text.Marks.Name.Right));

    /// <inheritdoc/>
    protected override Feedback NotExplained(AngleName given, MarkingRules rules) =>
        new Feedback(null, Text.Marks.Name.NotExplained, Text.Marks.Name.SlideFinger);
}
