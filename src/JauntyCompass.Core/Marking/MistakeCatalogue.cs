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
        new StraightEdgeForZeroLine(),
        new EndOfEdgeAtVertex(),
        new CountedGraduations(),
        new GraduationsAsTwoOrFive(),
        new StartNotSubtracted(),
        new SmallerForReflex(),
        new LeftOutHalfTurn(),
        new BorrowSlip(),
        new SlipOfTheEye(),
    ];

    /// <summary>Mistakes that only a drawing can show.</summary>
    public static IReadOnlyList<Mistake> DrawingOnly { get; } =
    [
        new OpensWrongWay(),
        new GapAtVertex(),
        new MissedOwnDot(),
        new ArmTooShort(),
        new ArcInOtherOpening(),
        new ArcMissing(),
    ];

    /// <summary>Everything a drawing can show.</summary>
    public static IReadOnlyList<Mistake> Drawing { get; } = [.. Reading, .. DrawingOnly];

    /// <summary>All mistakes.</summary>
    public static IReadOnlyList<Mistake> All => Drawing;

    private static readonly FrozenDictionary<string, int> Places = All.Select((m, i) => (m.Key, i))
        .ToFrozenDictionary(p => p.Key, p => p.i);

    /// <summary>Place of a mistake in the catalogue.</summary>
    internal static int IndexOf(Mistake mistake) => Places[mistake.Key];

    /// <summary>Finds a mistake by its key, or null.</summary>
    public static Mistake? Find(string? key) => All.FirstOrDefault(m => m.Key == key);

    /// <summary>The name of a cause, including the one that is not in the catalogue.</summary>
    public static string NameOf(string key) =>
        Find(key)?.Name ?? "made a mistake that is not explained";
}
