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

/// <summary>A measure that an item of a kind may have, with what the targeted mistakes would answer at it.</summary>
/// <param name="Measure">The measure, in whole degrees.</param>
/// <param name="Detectability">How clearly each targeted mistake would show here: 0 not at all, 1 beyond all noise of a hand.</param>
/// <param name="Separability">How clearly each can be told from each one before it, likewise; pair after pair.</param>
internal readonly record struct Candidate(
    int Measure,
    double[] Detectability,
    double[] Separability
)
{
    /// <summary>One bit a targeted mistake: whether it would show here.</summary>
    internal ulong Shows
    {
        get
        {
            ulong bits = 0;
            for (int t = 0; t < Detectability.Length; t++)
            {
                bits |= Detectability[t] > 0 ? 1UL << t : 0;
            }
            return bits;
        }
    }

    /// <summary>How hard the number itself is to read: on a label, on a five, in between.</summary>
    internal int Fineness =>
        Measure % 10 == 0 ? 0
        : Measure % 5 == 0 ? 1
        : 2;

    /// <summary>The kind of angle.</summary>
    internal AngleKind Kind { get; } = new Measure(Measure).Kind;
}

/// <summary>All measures that items of each kind may have with each instrument. Made once a set, whatever the number of forms.</summary>
internal sealed class Candidates
{
    // One bit each in what shows.
    private const int MostTargets = 64;

    // All varieties of all kinds with one instrument have about four thousand; each takes some ten to thirty microseconds.
    private const int MostLookedAt = 4800;

    private readonly Dictionary<
        (string Kind, int Variety, string Instrument),
        IReadOnlyList<Candidate>
    > _all;
    private readonly Mistake[] _targets;
    private readonly double _tolerance;

    private Candidates(
        Dictionary<(string Kind, int Variety, string Instrument), IReadOnlyList<Candidate>> all,
        Mistake[] targets,
        double tolerance
    ) => (_all, _targets, _tolerance) = (all, targets, tolerance);

    /// <summary>How many of the targeted mistakes have an answer that can be predicted anywhere.</summary>
    internal int Targets => _targets.Length;

    /// <summary>Every candidate for a place, by measure.</summary>
    internal IReadOnlyList<Candidate> Of(ItemPosition position) =>
        _all[(position.Kind.Key, position.Variety, position.Instrument.Id)];

    /// <summary>Every candidate of a kind with an instrument, by measure; the measures are those of any variety.</summary>
    internal IReadOnlyList<Candidate> Of(ExerciseKind kind, Protractor instrument) =>
        _all.First(a => a.Key.Kind == kind.Key && a.Key.Instrument == instrument.Id).Value;

    /// <summary>How many of the targeted mistakes that would show at a candidate do not show at an item that was made of it.</summary>
    internal int Lost(Candidate candidate, Item item)
    {
        HashSet<Mistake> shown =
        [
            .. ExerciseKinds
                .Of(item)
                .Steps(item, null)
                .SelectMany(step => step.Predict(_tolerance))
                .Where(p => p.Shows)
                .Select(p => p.Mistake),
        ];
        return _targets
            .Where((t, i) => candidate.Detectability[i] > 0 && !shown.Contains(t))
            .Count();
    }

    /// <summary>How many measures are neither alike nor supplementary.</summary>
    internal static int Room(IEnumerable<Candidate> candidates) =>
        candidates
            .Select(c => c.Measure <= 180 ? Math.Min(c.Measure, 180 - c.Measure) : c.Measure)
            .Distinct()
            .Count();

    internal static Candidates Of(
        SetSpecification specification,
        InstrumentSelection instruments,
        IReadOnlyList<Mistake> targets,
        int seed,
        CancellationToken cancellation = default
    )
    {
        (ExerciseKind Kind, int Variety, Protractor Instrument, List<int> Measures)[] all =
        [
            .. from wanted in specification.Kinds.GroupBy(k => k.Kind)
            let kind = ExerciseKinds.Find(wanted.Key)!
            let turns = Math.Min(wanted.Max(k => k.Count), kind.Facts.Varieties)
            from variety in Enumerable
                .Range(0, turns)
                .Select(turn => ItemPlan.VarietyOf(seed, turn, kind.Facts.Varieties))
            from instrument in instruments.For(kind)
            select (
                kind,
                variety,
                instrument,
                MeasuresOf(kind.Facts, specification)
                    .Where(m => !kind.HasInstrument || instrument.CanRead(m))
                    .ToList()
            ),
        ];
        // Many kinds with many instruments have far more candidates than any set has places: every so many are looked at then, of
        // each pair others, so that the work stays bounded.
        int stride = (all.Sum(a => a.Measures.Count) + MostLookedAt - 1) / MostLookedAt;
        var predicted =
            new Dictionary<(string Kind, int Variety, string Instrument), List<Predictions>>();
        var known = new HashSet<Mistake>();
        for (int i = 0; i < all.Length; i++)
        {
            cancellation.ThrowIfCancellationRequested();
            (ExerciseKind kind, int variety, Protractor instrument, List<int> measures) = all[i];
            var standIn = new StandIn(
                kind,
                variety,
                instrument,
                specification.Rules?.Reflex,
                kind.Facts.OfAnyKind ? specification.AngleKinds : null,
                specification.Tolerance
            );
            List<Predictions> own =
            [
                .. measures
                    .Where((_, m) => stride <= 1 || (m + i) % stride == 0)
                    .Select(m => PredictionsAt(m, standIn)),
            ];
            predicted[(kind.Key, variety, instrument.Id)] = own;
            known.UnionWith(own.SelectMany(f => f.Steps).SelectMany(step => step.Answers.Keys));
        }
        Mistake[] shown = [.. targets.Where(known.Contains).Take(MostTargets)];
        return new Candidates(
            predicted.ToDictionary(
                f => f.Key,
                f =>
                    (IReadOnlyList<Candidate>)
                        [.. f.Value.Select(s => s.Against(shown, specification.Tolerance))]
            ),
            shown,
            specification.Tolerance
        );
    }

    /// <summary>What an item is made with before its place in the set is known.</summary>
    private sealed record StandIn(
        ExerciseKind Kind,
        int Variety,
        Protractor Instrument,
        ReflexMethod? Reflex,
        IReadOnlyList<AngleKind>? Kinds,
        double Tolerance
    );

    // With an instrument of ours and the usual tolerance it never changes: it is predicted once. Others come and go.
    private static readonly ConcurrentDictionary<
        (string Kind, int Variety, string Instrument, ReflexMethod? Reflex, int Measure),
        Predictions
    > Known = new();

    private static Predictions PredictionsAt(int measure, StandIn standIn) =>
        standIn.Tolerance == MarkingRules.Usual.Tolerance
        && standIn.Kinds is null
        && ReferenceEquals(InstrumentCatalogue.Find(standIn.Instrument.Id), standIn.Instrument)
            ? Known.GetOrAdd(
                (standIn.Kind.Key, standIn.Variety, standIn.Instrument.Id, standIn.Reflex, measure),
                _ => Predict(measure, standIn)
            )
            : Predict(measure, standIn);

    private static Predictions Predict(int measure, StandIn standIn)
    {
        var steps = new List<StepPredictions>();
        Item item = standIn.Kind.Make(Plan(measure, standIn));
        foreach (AnsweredStep step in standIn.Kind.Steps(item, null))
        {
            var answers = new Dictionary<Mistake, Answer[]>();
            foreach (Prediction predicted in step.Predict(standIn.Tolerance).Where(p => p.Shows))
            {
                answers[predicted.Mistake] = [.. predicted.Answers];
            }
            if (answers.Count > 0)
            {
                steps.Add(new StepPredictions([.. step.Right], answers));
            }
        }
        return new Predictions(measure, steps);
    }

    private static ItemPlan Plan(int measure, StandIn standIn)
    {
        double arm = standIn.Instrument.EdgeRadius + 9;
        int varieties = standIn.Kind.Facts.Varieties;
        int turn = Enumerable
            .Range(0, varieties)
            .First(t => ItemPlan.VarietyOf(0, t, varieties) == standIn.Variety);
        return new ItemPlan(
            new Angle(
                default,
                default,
                new Measure(measure),
                TurnDirection.Anticlockwise,
                arm,
                arm
            ),
            standIn.Instrument,
            new AngleNames("K", "L", "M"),
            Theme.Plain,
            0,
            new Rotation(0, turn, varieties, 0),
            new SeededRandom(measure),
            new SeededRandom(measure, stream: 2)
        )
        {
            Tolerance = standIn.Tolerance,
            Reflex = standIn.Reflex,
            Kinds = standIn.Kinds,
        };
    }

    /// <summary>What every mistake that shows at a step would answer there.</summary>
    private sealed record StepPredictions(Answer[] Right, Dictionary<Mistake, Answer[]> Answers)
    {
        /// <summary>How clearly each target would show here.</summary>
        internal double[] Clear(Mistake[] targets, double tolerance) =>
            [.. targets.Select(t => Distinctness(Of(t), Right, tolerance))];

        internal Answer[] Of(Mistake target) => Answers.GetValueOrDefault(target) ?? [];
    }

    /// <summary>What every mistake that shows at a measure would answer there, step by step.</summary>
    private sealed record Predictions(int Measure, IReadOnlyList<StepPredictions> Steps)
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
                        double told =
                            answers[one].Length == 0 ? here[other]
                            : answers[other].Length == 0 ? here[one]
                            : Distinctness(answers[one], answers[other], tolerance);
                        apart[pair] = Math.Max(apart[pair], told);
                    }
                }
            }
            return new Candidate(Measure, clear, apart);
        }
    }

    // Answers that differ by no more than the tolerance tell nothing; from here on, in degrees, no noise of a hand can confuse them.
    private const double BeyondNoise = 7;

    private static double Distinctness(Answer[] one, Answer[] other, double tolerance)
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

    // What is asked of angles does not bind a kind that is not about its measure: where none is left, any will do.
    private static List<int> MeasuresOf(KindFacts facts, SetSpecification specification)
    {
        List<int> wished = [.. Measures(facts, specification)];
        return wished.Count > 0 || facts.IsMeasured
            ? wished
            :
            [
                .. Measures(
                    facts,
                    specification with
                    {
                        From = 1,
                        To = 359,
                        Step = MeasureStep.Any,
                        AngleKinds = null,
                    }
                ),
            ];
    }

    private static IEnumerable<int> Measures(KindFacts facts, SetSpecification specification)
    {
        int step = specification.Step switch
        {
            MeasureStep.Tens => 10,
            MeasureStep.Fives => 5,
            _ => 1,
        };
        int least = Math.Max(facts.LeastMeasure, specification.From);
        int most = Math.Min(facts.MostMeasure, specification.To);
        if (specification.BaseRays != BaseRays.Given && facts.OnEmptySheet is { } told)
        {
            (least, most) = (Math.Max(least, told.Least), Math.Min(most, told.Most));
        }
        // A range up to the straight angle says nothing of reflex ones: a kind that only has those takes what is left of a turn.
        if (facts.LeastMeasure > 180 && specification.To <= 180)
        {
            least = Math.Max(facts.LeastMeasure, 360 - specification.To);
            most = Math.Min(facts.MostMeasure, 360 - specification.From);
        }
        for (int measure = least; measure <= most; measure++)
        {
            if (measure % step == 0 && IsWanted(measure, facts, specification))
            {
                yield return measure;
            }
        }
    }

    private static bool IsWanted(int measure, KindFacts facts, SetSpecification specification)
    {
        AngleKind kind = new Measure(measure).Kind;
        IReadOnlyList<AngleKind> kinds = specification.AngleKinds is { Count: > 0 } asked
            ? asked
            : [AngleKind.Acute, AngleKind.Obtuse, AngleKind.Reflex];
        // Reflex angles are what such a kind is about, whatever else is asked of the others.
        bool wanted = kinds.Contains(kind) || facts.LeastMeasure > 180 || facts.OfAnyKind;
        // Within the tolerance of a boundary the kind is not for the eye to say, unless that boundary itself is asked for.
        bool boundary =
            kind is AngleKind.Acute or AngleKind.Obtuse or AngleKind.Reflex
            && Math.Min(measure % 90, 90 - measure % 90) <= specification.Tolerance;
        return wanted && !boundary;
    }
}
