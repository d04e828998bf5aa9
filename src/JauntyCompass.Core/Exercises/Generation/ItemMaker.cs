using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>An item as it was made, with what it is worth.</summary>
/// <param name="Predicted">The item with what every mistake would answer at it.</param>
/// <param name="AsMade">What each targeted mistake would answer at it.</param>
internal sealed record MadeItem(PredictedItem Predicted, Candidate AsMade)
{
    internal Item Item => Predicted.Item;
}

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

    /// <summary>
    /// The item of a candidate in a place of a form: one at which the mistakes show that the candidate promises, and that is not there yet.
    /// </summary>
    /// <param name="position">What is settled of the place.</param>
    /// <param name="chosen">The candidate.</param>
    /// <param name="form">Which form, from 0.</param>
    /// <param name="there">What is there already.</param>
    internal MadeItem Make(ItemPosition position, Candidate chosen, int form, ItemsThere there)
    {
        (MadeItem? Item, int Lost) best = (null, int.MaxValue);
        for (int t = 0; t < Tries && best.Lost > 0; t++)
        {
            Item item = At(
                position,
                chosen,
                new Rotation(_seed, position.Turn, position.Turns, form),
                SeededRandom.Named(_seed, "form and place", form, position.Number, t),
                t
            );
            var predicted = PredictedItem.Of(item, _specification.Tolerance);
            var made = new MadeItem(predicted, _candidates.AsMade(chosen.Measure, predicted));
            // One that is there already is worse than any other.
            int lost = chosen.LostAt(made.AsMade) + (there.Has(item) ? _candidates.Targets + 1 : 0);
            best = lost < best.Lost ? (made, lost) : best;
        }
        return best.Item!;
    }

    /// <summary>An item in its place.</summary>
    /// <param name="position">What is settled of the place.</param>
    /// <param name="chosen">The candidate.</param>
    /// <param name="rotation">Whose turn it is among the items of its kind.</param>
    /// <param name="own">For how it lies on the sheet, and what else is the form's own.</param>
    /// <param name="further">How many scenes and letters further on than those of the place.</param>
    internal Item At(
        ItemPosition position,
        Candidate chosen,
        Rotation rotation,
        SeededRandom own,
        int further = 0
    ) =>
        position.Kind.Propose(
            new ItemPlan(
                Lay(position, chosen, own),
                position.Instrument,
                Letters[(_lettersFrom + position.Number + further) % Letters.Length],
                _specification.Theme,
                _scene + position.Number + further,
                rotation,
                SeededRandom.Named(_seed, "place", position.Number),
                own
            )
            {
                Tolerance = _specification.Tolerance,
                DrawsBaseRay = position.DrawsBaseRay,
                Reflex = _specification.Rules?.Reflex,
                Kinds = _specification.AngleKinds,
                Scale = _specification.Scale,
                Numbers = _specification.Numbers,
            }
        );

    private static Angle Lay(ItemPosition position, Candidate chosen, SeededRandom random)
    {
        int turn = position.IsTilted ? Turned(position, random) : 0;
        // Above a level arm a half circle needs room, below it none.
        bool low = !position.IsTilted && position.Instrument.Shape == ProtractorShape.HalfCircle;
        return new Angle(
            new Point(0, low ? -LevelVertexBelowMiddle : 0),
            new Direction(position.OpensRight ? 0 : 180).Turned(turn),
            new Measure(chosen.Measure),
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
