using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;

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

    /// <summary>How many mistakes that show here do not show at another one.</summary>
    internal int LostAt(Candidate other) =>
        System.Numerics.BitOperations.PopCount(Shows & ~other.Shows);

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

    /// <summary>What an item is worth as it was made: what each targeted mistake would answer at it, step by step.</summary>
    internal Candidate AsMade(int measure, PredictedItem item) =>
        ItemPredictions.Of(measure, item).Against(_targets, _tolerance);

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
                WishedMeasures
                    .Of(kind.Facts, specification)
                    .Where(m => !kind.HasInstrument || instrument.CanRead(m))
                    .ToList()
            ),
        ];
        // Many kinds with many instruments have far more candidates than any set has places: every so many are looked at then, of
        // each pair others, so that the work stays bounded.
        int stride = (all.Sum(a => a.Measures.Count) + MostLookedAt - 1) / MostLookedAt;
        var predicted =
            new Dictionary<(string Kind, int Variety, string Instrument), List<ItemPredictions>>();
        var known = new HashSet<Mistake>();
        for (int i = 0; i < all.Length; i++)
        {
            cancellation.ThrowIfCancellationRequested();
            (ExerciseKind kind, int variety, Protractor instrument, List<int> measures) = all[i];
            var settings = new ProposalSettings(
                kind,
                variety,
                instrument,
                specification.Rules?.Reflex,
                kind.Facts.OfAnyKind ? specification.AngleKinds : null,
                specification.Numbers,
                specification.Tolerance
            );
            List<int> lookedAt =
            [
                .. measures.Where((_, m) => stride <= 1 || (m + i) % stride == 0),
            ];
            // Of a kind with few measures none may be left.
            List<ItemPredictions> own =
            [
                .. (lookedAt.Count > 0 ? lookedAt : measures).Select(m =>
                    ItemPredictions.At(m, settings)
                ),
            ];
            predicted[(kind.Key, variety, instrument.Id)] = own;
            known.UnionWith(own.SelectMany(f => f.Steps).SelectMany(step => step.Led.Keys));
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
}
