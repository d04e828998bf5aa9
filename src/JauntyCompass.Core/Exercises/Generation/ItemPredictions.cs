using System.Collections.Concurrent;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
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
    AlgebraNumbers Numbers,
    double Tolerance
);

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
            StepAnswers[] answers = Array.ConvertAll(targets, step.Of);
            double[] here = Array.ConvertAll(answers, a => a.DistinctFrom(step.Right, tolerance));
            int pair = 0;
            for (int one = 0; one < targets.Length; one++)
            {
                clear[one] = Math.Max(clear[one], here[one]);
                for (int other = 0; other < one; other++, pair++)
                {
                    // A mistake that shows is told from one that does not as clearly as it shows.
                    double distinct =
                        answers[one].All.Length == 0 ? here[other]
                        : answers[other].All.Length == 0 ? here[one]
                        : answers[one].DistinctFrom(answers[other], tolerance);
                    apart[pair] = Math.Max(apart[pair], distinct);
                }
            }
        }
        return new Candidate(Measure, clear, apart);
    }

    // With an instrument of ours and the usual tolerance it never changes: it is predicted once. Others come and go.
    private static readonly ConcurrentDictionary<
        (
            string Kind,
            int Variety,
            string Instrument,
            ReflexMethod? Reflex,
            AlgebraNumbers Numbers,
            int Measure
        ),
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
                    settings.Numbers,
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
        List<StepPredictions> steps =
        [
            .. item.Steps.Select(StepPredictions.Of).Where(s => s.Led.Count > 0),
        ];
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
            Numbers = settings.Numbers,
        };
    }
}
