using System.Collections.Concurrent;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>What the items of a kind are proposed with before their places in the set are known.</summary>
internal sealed record ProposalSettings(
    ExerciseKind Kind,
    int Variety,
    Protractor Instrument,
    ReflexMethod? Reflex,
    IReadOnlyList<AngleKind>? Kinds,
    double Tolerance
);

/// <summary>What every mistake that shows at a step would answer there.</summary>
internal sealed record StepPredictions(Answer[] Right, Dictionary<Mistake, Answer[]> Answers)
{
    /// <summary>How clearly each target would show here.</summary>
    internal double[] Clear(Mistake[] targets, double tolerance) =>
        [.. targets.Select(t => Distinctness(Of(t), Right, tolerance))];

    internal Answer[] Of(Mistake target) => Answers.GetValueOrDefault(target) ?? [];

    // Answers that differ by no more than the tolerance tell nothing; from here on, in degrees, no noise of a hand can confuse them.
    private const double BeyondNoise = 7;

    internal static double Distinctness(Answer[] one, Answer[] other, double tolerance)
    {
        double least = one.Length == 0 ? 0 : 1;
        foreach (Answer a in one)
        {
            foreach (Answer b in other)
            {
                if (!a.IsApartFrom(b, tolerance))
                {
                    return 0;
                }
                if (a is MeasuredAnswer && a.Degrees is double x && b.Degrees is double y)
                {
                    least = Math.Min(least, Math.Abs(x - y) / BeyondNoise);
                }
            }
        }
        return least;
    }
}

/// <summary>
/// What every mistake that shows at an item would answer there, step by step. Of each measure an item is looked at in some place, which says
/// which measures are worth a look in the place itself.
/// </summary>
internal sealed record ItemPredictions(int Measure, IReadOnlyList<StepPredictions> Steps)
{
    internal Candidate Against(Mistake[] targets, double tolerance)
    {
        double[] clear = new double[targets.Length];
        double[] apart = new double[targets.Length * (targets.Length - 1) / 2];
        foreach (StepPredictions step in Steps)
        {
            double[] here = step.Clear(targets, tolerance);
            Answer[][] answers = [.. targets.Select(step.Of)];
            int pair = 0;
            for (int one = 0; one < targets.Length; one++)
            {
                clear[one] = Math.Max(clear[one], here[one]);
                for (int other = 0; other < one; other++, pair++)
                {
                    // A mistake that shows is told from one that does not as clearly as it shows.
                    double distinct =
                        answers[one].Length == 0 ? here[other]
                        : answers[other].Length == 0 ? here[one]
                        : StepPredictions.Distinctness(answers[one], answers[other], tolerance);
                    apart[pair] = Math.Max(apart[pair], distinct);
                }
            }
        }
        return new Candidate(Measure, clear, apart);
    }

    // With an instrument of ours and the usual tolerance it never changes: it is predicted once. Others come and go.
    private static readonly ConcurrentDictionary<
        (string Kind, int Variety, string Instrument, ReflexMethod? Reflex, int Measure),
        ItemPredictions
    > Known = new();

    /// <summary>Predicts what every mistake would answer at an item of a measure, in some place.</summary>
    internal static ItemPredictions At(int measure, ProposalSettings settings) =>
        settings.Tolerance == MarkingRules.Usual.Tolerance
        && settings.Kinds is null
        && ReferenceEquals(InstrumentCatalogue.Find(settings.Instrument.Id), settings.Instrument)
            ? Known.GetOrAdd(
                (
                    settings.Kind.Key,
                    settings.Variety,
                    settings.Instrument.Id,
                    settings.Reflex,
                    measure
                ),
                _ => Predict(measure, settings)
            )
            : Predict(measure, settings);

    private static ItemPredictions Predict(int measure, ProposalSettings settings)
    {
        Item item = settings.Kind.Propose(Plan(measure, settings));
        return Of(measure, PredictedItem.Of(item, settings.Tolerance));
    }

    /// <summary>What every mistake that shows at an item would answer there.</summary>
    internal static ItemPredictions Of(int measure, PredictedItem item)
    {
        var steps = new List<StepPredictions>();
        foreach (PredictedStep step in item.Steps)
        {
            var answers = new Dictionary<Mistake, Answer[]>();
            foreach (Prediction predicted in step.Predictions.Where(p => p.Shows))
            {
                answers[predicted.Mistake] = [.. predicted.Answers];
            }
            if (answers.Count > 0)
            {
                steps.Add(new StepPredictions([.. step.Step.Right], answers));
            }
        }
        return new ItemPredictions(measure, steps);
    }

    private static ItemPlan Plan(int measure, ProposalSettings settings)
    {
        double arm = settings.Instrument.EdgeRadius + 9;
        int varieties = settings.Kind.Facts.Varieties;
        int turn = Enumerable
            .Range(0, varieties)
            .First(t => ItemPlan.VarietyOf(0, t, varieties) == settings.Variety);
        return new ItemPlan(
            new Angle(
                default,
                default,
                new Measure(measure),
                TurnDirection.Anticlockwise,
                arm,
                arm
            ),
            settings.Instrument,
            new AngleNames("K", "L", "M"),
            Theme.Plain,
            0,
            new Rotation(0, turn, varieties, 0),
            new SeededRandom(measure),
            new SeededRandom(measure, stream: 2)
        )
        {
            Tolerance = settings.Tolerance,
            Reflex = settings.Reflex,
            Kinds = settings.Kinds,
        };
    }
}
