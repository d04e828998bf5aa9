using System.Collections.Frozen;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking;

/// <summary>All mistakes the product knows. A new one is a type in its own file and one line here.</summary>
public static class MistakeCatalogue
{
    /// <summary>Mistakes of laying the instrument on and reading it; a drawing can show them too.</summary>
    public static IReadOnlyList<Mistake> Reading { get; } =
    [
        new OtherScale(),
        new WrongTen(),
        new TicksBackwards(),
        new TenFromOtherScale(),
        new SwappedDigits(),
        new CentreMarkOff(),
        new ZeroLineOff(),
        new LaidOff(),
        new StraightEdgeForZeroLine(),
        new EndOfEdgeAtVertex(),
        new CountedGraduations(),
        new GraduationsAsTwoOrFive(),
        new StartNotSubtracted(),
        new OnlyScaleOtherWay(),
        new SlipOfTheEye(),
    ];

    /// <summary>Mistakes of computing a reflex angle.</summary>
    public static IReadOnlyList<Mistake> OfReflex { get; } =
    [new SmallerForReflex(), new LeftOutHalfTurn(), new BorrowSlip()];

    /// <summary>Mistakes of reading an angle whose arms may be too short.</summary>
    public static IReadOnlyList<Mistake> OfShortArms { get; } = [new GuessedCrossing()];

    /// <summary>Mistakes that only a drawing can show.</summary>
    public static IReadOnlyList<Mistake> DrawingOnly { get; } =
    [
        new OpensWrongWay(),
        new FreehandLine(),
        new GapAtVertex(),
        new MissedOwnDot(),
        new ArmTooShort(),
        new ArcInOtherOpening(),
        new ArcMissing(),
        new RanOnBehindVertex(),
        new ThickDot(),
        new MovedBeforeDot(),
        new DrewByEye(),
    ];

    /// <summary>Mistakes of looking, naming and thinking, and of what is computed from readings.</summary>
    public static IReadOnlyList<Mistake> Thinking { get; } =
    [
        new LooksRight(),
        new TiltedRightAngle(),
        new OtherOpening(),
        new MixedUpKinds(),
        new VertexNotInTheMiddle(),
        new TwoLetters(),
        new AmbiguousLetter(),
        new OtherArms(),
        new NameOneWayOnly(),
        new LongerArms(),
        new HourHandNotMoved(),
        new MinutesAsDegrees(),
        new AddedForTaken(),
        new EndForRange(),
        new ReflexArcInside(),
        new ComplementForSupplement(),
        new InstrumentIdea(),
        new BenchmarkByEye(),
        new WrongStartingArm(),
        new KindAgainstNumber(),
    ];

    /// <summary>Everything a drawing can show.</summary>
    public static IReadOnlyList<Mistake> Drawing { get; } =
    [.. Reading.Where(m => m is not StartNotSubtracted), .. DrawingOnly];

    /// <summary>All mistakes.</summary>
    public static IReadOnlyList<Mistake> All { get; } =
    [.. Reading, .. OfShortArms, .. DrawingOnly, .. OfReflex, .. Thinking];

    private static readonly FrozenDictionary<string, int> Places = All.Select((m, i) => (m.Key, i))
        .ToFrozenDictionary(p => p.Key, p => p.i);

    /// <summary>Place of a mistake in the catalogue.</summary>
    internal static int PlaceOf(string key) => Places[key];

    /// <summary>The mistakes with some keys, in the order asked.</summary>
    internal static IReadOnlyList<Mistake> Of(params IEnumerable<string> keys) =>
        [.. keys.Select(k => Find(k)!)];

    /// <summary>Finds a mistake by its key, or null.</summary>
    public static Mistake? Find(string? key) =>
        key is not null && Places.TryGetValue(key, out int place) ? All[place] : null;

    /// <summary>The name of a cause, including the one that is not in the catalogue.</summary>
    public static string NameOf(string key) =>
        Find(key)?.Name ?? "made a mistake that is not explained";
}
