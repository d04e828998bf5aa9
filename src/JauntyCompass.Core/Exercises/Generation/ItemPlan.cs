using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>What the generator has decided for one item; its kind makes the item of it.</summary>
/// <param name="Angle">The angle, in its place on the sheet.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Names">Letters for its points.</param>
/// <param name="Theme">What the prompt talks about.</param>
/// <param name="Scene">A number that picks one of the theme's scenes.</param>
/// <param name="Rotation">Which item of its kind in the set, and in which form.</param>
/// <param name="Random">For what a kind decides by itself and is the same in every form, so that the forms stay parallel.</param>
/// <param name="Own">For what a kind decides by itself and is each form's own, so that numbers are not passed on.</param>
public sealed record ItemPlan(
    Angle Angle,
    Protractor Instrument,
    AngleNames Names,
    Theme Theme,
    int Scene,
    Rotation Rotation,
    SeededRandom Random,
    SeededRandom Own
)
{
    /// <summary>In degrees; what is wrong must lie farther off than this, or it would be accepted.</summary>
    public required double Tolerance { get; init; }

    /// <summary>Whether a drawing begins with an empty sheet: the base ray is the student's, too.</summary>
    public bool DrawsBaseRay { get; init; }

    /// <summary>Whether a figure of which nothing is measured is drawn as it is.</summary>
    public FigureScale Scale { get; init; }

    /// <summary>What numbers come out where something is worked out by algebra.</summary>
    public AlgebraNumbers Numbers { get; init; }

    /// <summary>The kinds of angle that are wanted; null: any.</summary>
    public IReadOnlyList<AngleKind>? Kinds { get; init; }

    /// <summary>How reflex angles are found where the set says so; null: any way.</summary>
    public ReflexMethod? Reflex { get; init; }

    /// <summary>
    /// One of some things, such as a kind's varieties; the same in every form: each comes once before any comes again.
    /// </summary>
    public T InTurn<T>(IReadOnlyList<T> all) => all[Shuffled(all.Count)[Rotation.Item % all.Count]];

    /// <summary>
    /// All varieties, the one whose turn it is first. Where it will not do, those come that are nobody's turn in the set, so that none
    /// comes twice for it.
    /// </summary>
    public IReadOnlyList<T> FromTurn<T>(IReadOnlyList<T> all)
    {
        int[] order = Shuffled(all.Count);
        int taken = Math.Min(Rotation.Items, all.Count);
        int spare = all.Count - taken;
        int own = Rotation.Item % all.Count;
        IEnumerable<int> nobodys = Enumerable
            .Range(Rotation.Item, spare)
            .Select(i => taken + i % spare);
        IEnumerable<int> others = Enumerable.Range(own, taken).Select(i => i % taken);
        return [.. nobodys.Prepend(own).Concat(others).Distinct().Select(i => all[order[i]])];
    }

    /// <summary>One in turn, but each form goes on where the one before it has ended.</summary>
    public T Onwards<T>(IReadOnlyList<T> all)
    {
        // Forms of as many items as there are varieties would all begin with the same one.
        int further = Rotation.Items % all.Count == 0 ? Rotation.Items + 1 : Rotation.Items;
        return all[Shuffled(all.Count)[(Rotation.Item + Rotation.Form * further) % all.Count]];
    }

    /// <summary>Which of a kind's varieties comes at an item's turn.</summary>
    /// <param name="seed">Seed of the set.</param>
    /// <param name="turn">Which item of its kind, from 0.</param>
    /// <param name="varieties">How many varieties there are.</param>
    internal static int VarietyOf(int seed, int turn, int varieties) =>
        Shuffled(seed, varieties)[turn % varieties];

    private int[] Shuffled(int count) => Shuffled(Rotation.Seed, count);

    private static int[] Shuffled(int seed, int count)
    {
        int[] order = [.. Enumerable.Range(0, count)];
        SeededRandom.Named(seed, "turns", count).Shuffle(order);
        return order;
    }
}

/// <summary>Whose turn it is among the items of one kind.</summary>
/// <param name="Seed">Seed of the set.</param>
/// <param name="Item">Which item of its kind, from 0.</param>
/// <param name="Items">How many of its kind there are.</param>
/// <param name="Form">Which form, from 0.</param>
public readonly record struct Rotation(int Seed, int Item, int Items, int Form);
