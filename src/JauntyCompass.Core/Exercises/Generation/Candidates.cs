using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>A measure that an item of a kind may have, with what the targeted mistakes would answer at it.</summary>
/// <param name="Measure">The measure, in whole degrees.</param>
/// <param name="Clear">How clearly each targeted mistake would show here: 0 not at all, 1 beyond all noise of a hand.</param>
/// <param name="Apart">How clearly each can be told from each other one here, likewise.</param>
internal readonly record struct Candidate(int Measure, double[] Clear, double[,] Apart)
{
    /// <summary>One bit a targeted mistake: whether it would show here.</summary>
    internal ulong Shows
    {
        get
        {
            ulong bits = 0;
            for (int t = 0; t < Clear.Length; t++)
            {
                bits |= Clear[t] > 0 ? 1UL << t : 0;
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
    internal AngleKind Kind => new Measure(Measure).Kind;
}

/// <summary>All measures that items of one kind may have under a specification. Made once a set, whatever the number of forms.</summary>
internal sealed class Candidates
{
    private Candidates(IReadOnlyList<Candidate> all) => All = all;

    /// <summary>Every candidate, by measure.</summary>
    internal IReadOnlyList<Candidate> All { get; }

    /// <summary>How many measures are neither alike nor supplementary.</summary>
    internal static int Room(IEnumerable<Candidate> candidates) =>
        candidates
            .Select(c => Math.Min(c.Measure, (180 - c.Measure + 360) % 360))
            .Distinct()
            .Count();

    internal static Candidates Of(
        ExerciseKind kind,
        SetSpecification specification,
        Protractor instrument,
        IReadOnlyList<Mistake> targets
    ) =>
        new([
            .. Measures(kind.Facts, specification)
                .Select(m => At(m, kind, instrument, targets, specification.Tolerance)),
        ]);

    private static Candidate At(
        int measure,
        ExerciseKind kind,
        Protractor instrument,
        IReadOnlyList<Mistake> targets,
        double tolerance
    )
    {
        double arm = instrument.EdgeRadius + 9;
        var plan = new ItemPlan(
            new Angle(default, default, new Measure(measure), Opening.Anticlockwise, arm, arm),
            instrument,
            new AngleNames("K", "L", "M"),
            Theme.Plain,
            0,
            new SeededRandom(measure)
        );
        var answers = new List<ForetoldAnswer>?[targets.Count];
        foreach (AnsweredStep step in kind.Steps(kind.Make(plan), null))
        {
            foreach (Foretold foretold in step.Foretell(tolerance))
            {
                int target = foretold.Shows ? IndexOf(targets, foretold.Mistake) : -1;
                if (target >= 0)
                {
                    (answers[target] ??= []).AddRange(foretold.Answers);
                }
            }
        }
        List<ForetoldAnswer> right = [ForetoldAnswer.Of(measure)];
        double[] clear = new double[targets.Count];
        var apart = new double[targets.Count, targets.Count];
        for (int one = 0; one < targets.Count; one++)
        {
            clear[one] = answers[one] is { } shown ? Clarity(shown, right, tolerance) : 0;
            for (int other = 0; other < one; other++)
            {
                apart[one, other] = apart[other, one] = (answers[one], answers[other]) switch
                {
                    (null, null) => 0,
                    // A mistake that shows is told from one that does not as clearly as it shows.
                    (null, _) => clear[other],
                    (_, null) => clear[one],
                    ({ } these, { } those) => Clarity(these, those, tolerance),
                };
            }
        }
        return new Candidate(measure, clear, apart);
    }

    private static int IndexOf(IReadOnlyList<Mistake> targets, Mistake mistake)
    {
        for (int t = 0; t < targets.Count; t++)
        {
            if (ReferenceEquals(targets[t], mistake))
            {
                return t;
            }
        }
        return -1;
    }

    // Answers that differ by no more than the tolerance tell nothing; from here on, in degrees, no noise of a hand can confuse them.
    private const double BeyondNoise = 7;

    private static double Clarity(
        List<ForetoldAnswer> one,
        List<ForetoldAnswer> other,
        double tolerance
    )
    {
        double least = 1;
        foreach (ForetoldAnswer a in one)
        {
            foreach (ForetoldAnswer b in other)
            {
                double clear =
                    !a.IsApartFrom(b, tolerance) ? 0
                    : a.Degrees is double x && b.Degrees is double y
                        ? Math.Min(1, Math.Abs(x - y) / BeyondNoise)
                    : 1;
                least = Math.Min(least, clear);
            }
        }
        return least;
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
        bool wanted = kinds.Contains(kind) || facts.LeastMeasure > 180;
        // Within the tolerance of a boundary the kind is not for the eye to say, unless that boundary itself is asked for.
        bool boundary =
            kind is AngleKind.Acute or AngleKind.Obtuse or AngleKind.Reflex
            && Math.Min(measure % 90, 90 - measure % 90) <= specification.Tolerance;
        return wanted && !boundary;
    }
}
