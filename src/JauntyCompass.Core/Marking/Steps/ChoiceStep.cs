namespace JauntyCompass.Core.Marking.Steps;

/// <summary>One of the things that can be chosen.</summary>
/// <param name="Key">What the response carries.</param>
/// <param name="Text">What the student reads.</param>
/// <param name="Right">Whether it is right.</param>
public sealed record Option(string Key, string Text, bool Right = false)
{
    /// <summary>The mistakes that lead to it.</summary>
    public IReadOnlyList<Mistake> Causes { get; init; } = [];

    /// <summary>The context in which those mistakes are told; null for mistakes that need none.</summary>
    public MistakeStory? Story { get; init; }
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
    string title,
    IReadOnlyList<Option> options,
    string? chosen,
    string right,
    string look
) : AnsweredStep(key, title)
{
    // Even who knows it ticks a wrong one now and again. Common practice, no source.
    private const double Slip = 0.04;

    // Of the wrong picks so many are guesses. Common practice, no source.
    private const double Guessing = 0.25;

    /// <summary>What was chosen, or null.</summary>
    public Option? Chosen => options.FirstOrDefault(o => o.Key == chosen);

    /// <inheritdoc/>
    public override string Answer =>
        string.Join(" or ", options.Where(o => o.Right).Select(o => o.Text));

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (Chosen is not Option picked)
        {
            return new Judgement(
                Verdict.NotYet,
                new Feedback(null, "Nothing is chosen yet.", look)
            );
        }
        if (picked.Right)
        {
            return new Judgement(Verdict.Accepted, new Feedback(null, right, ""));
        }
        // A wrong option was picked for one of the mistakes that lead to a wrong one here, or by guessing.
        Mistake[] all = [.. options.SelectMany(o => o.Causes).Distinct()];
        double shared = all.Sum(m => m.Prior);
        double Weight(Mistake mistake) =>
            (1 - Guessing)
            * mistake.Prior
            / shared
            / options.Count(o => o.Causes.Contains(mistake));
        double sum = Guessing / options.Count(o => !o.Right) + picked.Causes.Sum(Weight);
        List<Cause> causes =
        [
            .. picked.Causes.Select(c => new Cause(
                c.Key,
                c.Name,
                Weight(c) / sum,
                Evidence.Choice
            )),
        ];
        causes.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        Mistake? named =
            causes.Count > 0 && causes[0].Likelihood >= Diagnosis.NamedFrom
                ? MistakeCatalogue.Find(causes[0].Mistake)
                : null;
        return new Judgement(Verdict.NotYet, Tell(named, picked, rules))
        {
            Causes = causes,
            LikelyCause = named?.Key ?? Diagnosis.NotExplained,
            Picture = picked.Story is MistakeStory story ? named?.Draw(story) : null,
        };
    }

    private Feedback Tell(Mistake? named, Option picked, MarkingRules rules) =>
        named is ChoiceMistake choice ? choice.Tell(rules.Say)
        : named is not null && picked.Story is MistakeStory story
            ? named.Tell(story with { Say = rules.Say })
        : new Feedback(null, $"“{picked.Text}” does not fit here.", look);

    /// <inheritdoc/>
    public override AnswerEvidence? Weigh(double tolerance)
    {
        if (Chosen is not Option picked)
        {
            return null;
        }
        int rights = options.Count(o => o.Right);
        double careful = picked.Right ? (1 - Slip) / rights : Slip / (options.Count - rights);
        var evidence = new AnswerEvidence(careful, 1.0 / options.Count);
        foreach (Mistake mistake in options.SelectMany(o => o.Causes).Distinct())
        {
            int led = options.Count(o => o.Causes.Contains(mistake));
            evidence.Add(
                mistake,
                picked.Causes.Contains(mistake)
                    ? (1 - Slip) / led
                    : Slip / Math.Max(1, options.Count - led)
            );
        }
        return evidence;
    }

    /// <inheritdoc/>
    public override IEnumerable<Prediction> Predict(double tolerance) =>
        options
            .SelectMany(o => o.Causes.Select(c => (Cause: c, Option: o)))
            .GroupBy(p => p.Cause)
            .Select(g => new Prediction(
                g.Key,
                [.. g.Select(p => new PredictedAnswer(p.Option.Text))],
                g.All(p => !p.Option.Right)
            ));
}
