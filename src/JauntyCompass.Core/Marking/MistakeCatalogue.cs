using System.Collections.Frozen;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>All mistakes the product knows. A new one is a type in its own file and one line here.</summary>
public static class MistakeCatalogue
{
    /// <summary>Mistakes of laying the instrument on and reading it; a drawing can show them too.</summary>
    public static IReadOnlyList<InstrumentMistake> Reading { get; } =
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
    public static IReadOnlyList<SumMistake<ReflexSum>> OfReflex { get; } =
    [new SmallerForReflex(), new LeftOutHalfTurn(), new BorrowSlip()];

    /// <summary>Mistakes of reading an angle whose arms may be too short.</summary>
    public static IReadOnlyList<InstrumentMistake> OfShortArms { get; } = [new GuessedCrossing()];

    /// <summary>Mistakes that only a drawing can show.</summary>
    public static IReadOnlyList<InstrumentMistake> DrawingOnly { get; } =
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

    /// <summary>Mistakes of naming an angle.</summary>
    public static IReadOnlyList<NamingMistake> OfNaming { get; } =
    [new VertexNotInTheMiddle(), new TwoLetters(), new AmbiguousLetter(), new OtherArms()];

    /// <summary>Mistakes of computing how far something moved.</summary>
    public static IReadOnlyList<SumMistake<RangeSum>> OfRanges { get; } =
    [new AddedForTaken(), new EndForRange()];

    /// <summary>Mistakes of looking and thinking.</summary>
    public static IReadOnlyList<Mistake> Thinking { get; } =
    [
        new LooksRight(),
        new TiltedRightAngle(),
        new OtherOpening(),
        new MixedUpKinds(),
        new NameOneWayOnly(),
        new LongerArms(),
        new HourHandNotMoved(),
        new MinutesAsDegrees(),
        new ReflexArcInside(),
        new ComplementForSupplement(),
        new InstrumentIdea(),
        new BenchmarkByEye(),
        new WrongStartingArm(),
        new KindAgainstNumber(),
    ];

    /// <summary>Mistakes of working out parts of an angle by algebra.</summary>
    public static IReadOnlyList<Mistake> OfAlgebra { get; } =
    [
        new SetEqual(),
        new AddedEqual(),
        new WrongWhole(),
        new GaveX(),
        new OtherPart(),
        new SignKept(),
        new DividedWrongWay(),
        new CutOff(),
        new NotPutBack(),
    ];

    /// <summary>Mistakes of constructing with compass and straightedge.</summary>
    public static IReadOnlyList<ConstructionMistake> OfConstruction { get; } =
    [
        new OpeningChanged(),
        new UnlikeOpenings(),
        new NeedleOff(),
        new ArcsTooShort(),
        new WrongCrossing(),
        new NoArcs(),
        new UnsteadyConstruction(),
    ];

    /// <summary>Mistakes of comparing two triangles.</summary>
    public static IReadOnlyList<ChoiceMistake> OfTriangles { get; } =
    [
        new ThirdAngle(),
        new LooksSimilar(),
        new SidesOutOfOrder(),
        new RatioUpsideDown(),
        new UnitsMixed(),
        new FromRulersEdge(),
        new ComparedDifferences(),
    ];

    /// <summary>Everything a drawing can show.</summary>
    public static IReadOnlyList<InstrumentMistake> Drawing { get; } =
    [.. Reading.Where(m => m is not StartNotSubtracted), .. DrawingOnly];

    /// <summary>All mistakes.</summary>
    public static IReadOnlyList<Mistake> All { get; } =
    [
        .. Reading,
        .. OfShortArms,
        .. DrawingOnly,
        .. OfReflex,
        .. OfNaming,
        .. OfRanges,
        .. Thinking,
        .. OfAlgebra,
        .. OfConstruction,
        .. OfTriangles,
    ];

    private static readonly FrozenDictionary<string, int> Places = All.Select((m, i) => (m.Key, i))
        .ToFrozenDictionary(p => p.Key, p => p.i);

    /// <summary>Place of a mistake in the catalogue.</summary>
    internal static int PlaceOf(string key) => Places[key];

    /// <summary>Puts what there is of some mistakes in the places of these mistakes, one each; null where there is none.</summary>
    internal static T?[] ByPlace<T>(Func<T, Mistake> mistake, params ReadOnlySpan<T> all)
        where T : class
    {
        var places = new T?[All.Count];
        foreach (T each in all)
        {
            int place = mistake(each).Place;
            if (places[place] is not null)
            {
                throw new InvalidOperationException($"'{All[place].Key}' has two of {typeof(T)}.");
            }
            places[place] = each;
        }
        return places;
    }

    /// <summary>The mistake of a type.</summary>
    public static T Get<T>()
        where T : Mistake => Known<T>.Mistake;

    private static class Known<T>
        where T : Mistake
    {
        internal static readonly T Mistake = All.OfType<T>().Single();
    }

    /// <summary>Finds a mistake by its key, or null.</summary>
    public static Mistake? Find(string? key) =>
        key is not null && Places.TryGetValue(key, out int place) ? All[place] : null;

    /// <summary>The name of a cause, including the one that is not in the catalogue.</summary>
    public static Message NameOf(string key) => Find(key)?.Name ?? Text.Mistakes.NotExplained.Name;
}
