using System.Text.Json;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>Makes the items of a set in their places.</summary>
internal sealed class ItemMaker
{
    private const int LevelVertexBelowMiddle = 32;

    private static readonly AngleNames[] Letters =
    [
        new("K", "L", "M"),
        new("D", "E", "F"),
        new("S", "R", "T"),
        new("Q", "P", "R"),
        new("A", "B", "C"),
        new("H", "G", "J"),
        new("U", "T", "V"),
        new("X", "W", "Z"),
    ];

    // So often an item is made anew of what its kind decides by itself, where it is one that is there already or shows less than it should.
    private const int Tries = 24;

    private readonly SetSpecification _specification;
    private readonly Candidates _candidates;
    private readonly int _seed;
    private readonly int _scene;
    private readonly int _lettersFrom;

    internal ItemMaker(SetSpecification specification, Candidates candidates, int seed)
    {
        (_specification, _candidates, _seed) = (specification, candidates, seed);
        var scenes = SeededRandom.Named(seed, "scenes");
        _scene = scenes.Below(1000);
        _lettersFrom = scenes.Below(Letters.Length);
    }

    /// <summary>The items of a form: none of them twice, and each such that the mistakes show that it was chosen for.</summary>
    internal List<Item> Form(IReadOnlyList<ItemPosition> positions, int form)
    {
        var items = new List<Item>(positions.Count);
        HashSet<string> there = [];
        for (int place = 0; place < positions.Count; place++)
        {
            Item item = Best(positions[place], place, form, there);
            there.Add(Written(item));
            items.Add(item);
        }
        return items;
    }

    private Item Best(ItemPosition position, int place, int form, HashSet<string> there)
    {
        (Item? Item, int Lost) best = (null, int.MaxValue);
        for (int t = 0; t < Tries && best.Lost > 0; t++)
        {
            Item made = At(
                position,
                place,
                new Rotation(_seed, position.Turn, position.Turns, form),
                SeededRandom.Named(_seed, "form and place", form, place, t),
                t
            );
            // One that is there already is worse than any other.
            int lost =
                _candidates.Lost(position.Chosen, made)
                + (there.Contains(Written(made)) ? _candidates.Targets + 1 : 0);
            best = lost < best.Lost ? (made, lost) : best;
        }
        return best.Item!;
    }

    private static string Written(Item item) =>
        JsonSerializer.Serialize(item, ExerciseJson.Options);

    /// <summary>An item in its place.</summary>
    /// <param name="position">What is settled of the place.</param>
    /// <param name="place">Which place, from 0.</param>
    /// <param name="rotation">Whose turn it is among the items of its kind.</param>
    /// <param name="own">For how it lies on the sheet, and what else is the form's own.</param>
    /// <param name="further">How many scenes and letters further on than those of the place.</param>
    internal Item At(
        ItemPosition position,
        int place,
        Rotation rotation,
        SeededRandom own,
        int further = 0
    ) =>
        position.Kind.Make(
            new ItemPlan(
                Lay(position, own),
                position.Instrument,
                Letters[(_lettersFrom + place + further) % Letters.Length],
                _specification.Theme,
                _scene + place + further,
                rotation,
                SeededRandom.Named(_seed, "place", place),
                own
            )
            {
                Tolerance = _specification.Tolerance,
                DrawsBaseRay = position.DrawsBaseRay,
                Reflex = _specification.Rules?.Reflex,
                Kinds = _specification.AngleKinds,
            }
        );

    private static Angle Lay(ItemPosition position, SeededRandom random)
    {
        int turn = position.IsTilted ? Turned(position, random) : 0;
        // Above a level arm a half circle needs room, below it none.
        bool low = !position.IsTilted && position.Instrument.Shape == ProtractorShape.HalfCircle;
        return new Angle(
            new Point(0, low ? -LevelVertexBelowMiddle : 0),
            new Direction(position.OpensRight ? 0 : 180).Turned(turn),
            new Measure(position.Chosen.Measure),
            position.OpensRight ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
            ArmLength(position.StartIsShort, position.Instrument, random),
            ArmLength(position.EndIsShort, position.Instrument, random)
        );
    }

    // Which way it opens is seen where the arm that is lined up points: a side that was asked for is kept, however it is turned.
    private static int Turned(ItemPosition position, SeededRandom random) =>
        position.KeepsSide
            ? random.Between(20, 70) * (random.Chance(0.5) ? 1 : -1)
            : random.Between(20, 340);

    private static int ArmLength(bool isShort, Protractor instrument, SeededRandom random)
    {
        int radius = (int)instrument.EdgeRadius;
        return isShort
            ? random.Between(radius * 45 / 100, radius * 80 / 100)
            : random.Between(radius + 6, radius + 9);
    }
}
