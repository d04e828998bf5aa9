using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>An answer that a mistake would give, as it is written.</summary>
/// <param name="Text">As it is written.</param>
/// <param name="Degrees">In degrees; null when it is no number of degrees.</param>
public sealed record PredictedAnswer(Message Text, double? Degrees);

/// <summary>What one mistake would answer at one item.</summary>
/// <param name="Mistake">Key of the mistake.</param>
/// <param name="Name">Its name.</param>
/// <param name="Answers">The answers it would give, with the instrument laid on well.</param>
/// <param name="Shows">Whether at some step none of them would be accepted.</param>
public sealed record MistakePrediction(
    string Mistake,
    Message Name,
    IReadOnlyList<PredictedAnswer> Answers,
    bool Shows
);

/// <summary>A mistake that is seen on the sheet itself, whatever is answered.</summary>
/// <param name="Mistake">Key of the mistake.</param>
/// <param name="Name">Its name.</param>
public sealed record SeenMistake(string Mistake, Message Name);

/// <summary>The right answer of a step.</summary>
/// <param name="Step">Key of the step.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Answer">As it is written.</param>
public sealed record StepAnswer(string Step, Message Title, Message Answer);

/// <summary>An item with what each mistake would answer at it.</summary>
/// <param name="Item">The item.</param>
/// <param name="View">The item as it lies before the student.</param>
/// <param name="Answer">The right answer, as it is written.</param>
/// <param name="Degrees">The right answer in degrees, or null when it is no number of degrees.</param>
/// <param name="Key">The right answer of every step, for the teacher.</param>
/// <param name="Predictions">What each mistake that fixes its answer would give.</param>
/// <param name="Seen">Mistakes that fix no answer and are seen on the sheet itself.</param>
public sealed record GeneratedItem(
    Item Item,
    ItemView View,
    Message Answer,
    double? Degrees,
    IReadOnlyList<StepAnswer> Key,
    IReadOnlyList<MistakePrediction> Predictions,
    IReadOnlyList<SeenMistake> Seen
)
{
    /// <summary>Computes the predictions of an item.</summary>
    /// <param name="item">The item.</param>
    /// <param name="tolerance">Tolerance in degrees.</param>
    public static GeneratedItem Of(Item item, double tolerance) =>
        Of(PredictedItem.Of(item, tolerance));

    internal static GeneratedItem Of(PredictedItem predicted)
    {
        ExerciseKind kind = ExerciseKinds.Of(predicted.Item);
        List<AnsweredStep> steps = [.. predicted.Steps.Select(s => s.Step)];
        List<MistakePrediction> predictions =
        [
            .. predicted
                .Steps.SelectMany(s => s.Predictions)
                .GroupBy(f => f.Mistake.Key)
                .Select(g => new MistakePrediction(
                    g.Key,
                    g.First().Mistake.Name,
                    [
                        .. g.SelectMany(f => f.Answers)
                            .Distinct()
                            .Select(a => new PredictedAnswer(a.Text, a.Degrees)),
                    ],
                    g.Any(f => f.Shows)
                )),
        ];
        AnsweredStep last = steps.Last(s => s.Decides);
        return new GeneratedItem(
            predicted.Item,
            kind.Present(predicted.Item, HouseRules.Usual),
            last.Answer,
            last.Degrees,
            [.. steps.Select(s => new StepAnswer(s.Key, s.Title, s.Answer))],
            predictions,
            [
                .. kind
                    .Mistakes.Where(m =>
                        m.IsSeenOnSheet && !predictions.Exists(p => p.Mistake == m.Key)
                    )
                    .Select(m => new SeenMistake(m.Key, m.Name)),
            ]
        );
    }
}
