using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>
/// Chooses measures at which mistakes show: where the answers they lead to differ from the right one and from each other by
/// more than the tolerance.
/// </summary>
internal sealed class MeasureChooser
{
    // What this generator looks for when nothing is asked. The list belongs to its number: a longer one makes other sets.
    private static readonly string[] UsualTargets =
    [
        "other-scale",
        "wrong-ten",
        "ticks-backwards",
        "ten-from-other-scale",
        "swapped-digits",
        "centre-mark-off",
        "zero-line-off",
        "straight-edge-for-zero-line",
        "slip",
    ];

    private readonly List<(int Measure, int Score)> _candidates;
    private readonly HashSet<int> _taken = [];
    private readonly SeededRandom _random;
    private int _obtuseAhead;

    internal MeasureChooser(
        SetSpecification specification,
        Protractor instrument,
        SeededRandom random
    )
    {
        _random = random;
        List<int> measures = [.. Allowed(specification)];
        random.Shuffle(measures);
        IReadOnlyList<Mistake> targeted = Targeted(specification);
        _candidates =
        [
            .. measures.Select(m => (m, Score(m, instrument, targeted, specification.Tolerance))),
        ];
        // A stable order: the better first, and among equals the shuffled order.
        _candidates = [.. _candidates.OrderByDescending(c => c.Score)];
    }

    /// <summary>How many different items the wishes allow, neither alike nor supplementary.</summary>
    internal static int Room(SetSpecification specification)
    {
        var counted = new HashSet<int>();
        foreach (int measure in Allowed(specification))
        {
            if (!counted.Contains(180 - measure))
            {
                counted.Add(measure);
            }
        }
        return counted.Count;
    }

    /// <summary>
    /// The next measure, in degrees: one of the best that are left, in balance between acute and obtuse, within what a kind can show
    /// where there is one left.
    /// </summary>
    internal int Next(int least = 1, int most = 180)
    {
        List<(int Measure, int Score)> left =
        [
            .. _candidates.Where(c =>
                !_taken.Contains(c.Measure) && !_taken.Contains(180 - c.Measure)
            ),
        ];
        List<(int Measure, int Score)> within =
        [
            .. left.Where(c => c.Measure >= least && c.Measure <= most),
        ];
        List<(int Measure, int Score)> free = within.Count > 0 ? within : left;
        List<(int Measure, int Score)> wanted =
        [
            .. free.Where(c =>
                _obtuseAhead > 0 ? c.Measure <= 90 : _obtuseAhead >= 0 || c.Measure > 90
            ),
        ];
        List<(int Measure, int Score)> pool = wanted.Count > 0 ? wanted : free;
        // Among equally telling measures any will do; the lists are shuffled, so the first of the best is a random one.
        int best = pool[0].Score;
        int measure = pool[_random.Below(pool.TakeWhile(c => c.Score == best).Count())].Measure;
        _taken.Add(measure);
        _obtuseAhead += measure > 90 ? 1 : -1;
        return measure;
    }

    private static IEnumerable<int> Allowed(SetSpecification specification)
    {
        int step = specification.Step switch
        {
            MeasureStep.Tens => 10,
            MeasureStep.Fives => 5,
            _ => 1,
        };
        IReadOnlyList<AngleKind> kinds = specification.AngleKinds is { Count: > 0 } asked
            ? asked
            : [AngleKind.Acute, AngleKind.Obtuse];
        for (int measure = specification.From; measure <= specification.To; measure++)
        {
            AngleKind kind = new Measure(measure).Kind;
            // Within the tolerance of a boundary the kind is not for the eye to say, unless that boundary itself is asked for.
            bool nearBoundary =
                kind is AngleKind.Acute or AngleKind.Obtuse
                && FromBoundary(measure) <= specification.Tolerance;
            if (measure % step == 0 && kinds.Contains(kind) && !nearBoundary)
            {
                yield return measure;
            }
        }
    }

    private static int FromBoundary(int measure) => Math.Min(measure % 90, 90 - measure % 90);

    private static List<Mistake> Targeted(SetSpecification specification) =>
        specification.Mistakes is { Count: > 0 } keys
            ? [.. keys.Distinct().Select(k => MistakeCatalogue.Find(k)!)]
            : [.. UsualTargets.Select(k => MistakeCatalogue.Find(k)!)];

    private static int Score(
        int measure,
        Protractor instrument,
        IReadOnlyList<Mistake> mistakes,
        double tolerance
    )
    {
        var angle = new Angle(
            default,
            default,
            new Measure(measure),
            Opening.Anticlockwise,
            100,
            100
        );
        var situation = Situation.Measuring(angle, instrument, placement: null);
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        Span<double> answers = stackalloc double[Outcomes.Most * 16];
        int count = 0;
        int score = 0;
        for (int m = 0; m < Math.Min(mistakes.Count, 16); m++)
        {
            outcomes.Clear();
            mistakes[m].Predict(situation, null, ref outcomes);
            bool shows = outcomes.Count > 0;
            int own = count;
            for (int i = 0; i < outcomes.Count; i++)
            {
                double answer = outcomes[i].Degrees;
                // A mistake without an answer of its own (a mark laid off somewhere) shows equally well everywhere.
                shows &=
                    outcomes[i].Spread == 0
                    && Math.Abs(answer - measure) > tolerance + instrument.SmallestGraduation;
                for (int j = 0; j < own; j++)
                {
                    shows &= Math.Abs(answer - answers[j]) > tolerance;
                }
                answers[count++] = answer;
            }
            score += shows ? 1 : 0;
        }
        return score;
    }
}
