using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>Thrown when the wishes of a specification cannot all be met; the message says which collide and what can be had.</summary>
public sealed class SpecificationCollisionException(string message) : Exception(message);

/// <summary>Makes a set of items from a specification and a seed.</summary>
public static class SetGenerator
{
    /// <summary>Number of this generator: the same number makes the same set of the same specification and seed for ever.</summary>
    public const int Version = 1;

    // The sheet of an item, in mm either way from its middle.
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

    /// <summary>Makes the set.</summary>
    /// <param name="specification">What is wanted; taken as checked.</param>
    /// <param name="seed">Any number; another seed gives another set of the same sort.</param>
    /// <exception cref="SpecificationCollisionException">The wishes collide.</exception>
    public static IReadOnlyList<GeneratedItem> Generate(SetSpecification specification, int seed)
    {
        RequireRoom(specification);
        Protractor instrument = InstrumentCatalogue.Find(specification.Instrument)!;
        var random = new SeededRandom(seed);
        var chooser = new MeasureChooser(specification, instrument, random);
        var items = new List<GeneratedItem>(specification.Count);
        int scene = random.Below(1000);
        int lettersFrom = random.Below(Letters.Length);
        bool rightFirst = random.Chance(0.5);
        foreach (KindCount wanted in specification.Kinds)
        {
            ExerciseKind kind = ExerciseKinds.Find(wanted.Kind)!;
            for (int i = 0; i < wanted.Count; i++)
            {
                bool right = specification.Opening switch
                {
                    OpeningSide.Right => true,
                    OpeningSide.Left => false,
                    _ => items.Count % 2 == 0 == rightFirst,
                };
                var own = new SeededRandom(seed, stream: 1000 + items.Count);
                int measure = MeasureFor(kind.Facts, chooser, own);
                Angle angle = Lay(measure, right, specification, instrument, random);
                AngleNames names = Letters[(lettersFrom + items.Count) % Letters.Length];
                var plan = new ItemPlan(
                    angle,
                    instrument,
                    names,
                    specification.Theme,
                    scene + items.Count,
                    own
                );
                items.Add(GeneratedItem.Of(kind.Make(plan), specification.Tolerance));
            }
        }
        return items;
    }

    // Measures are chosen up to 180°; a reflex one is what is left of the full turn.
    private static int MeasureFor(KindFacts kind, MeasureChooser chooser, SeededRandom random)
    {
        bool reflex = kind.LeastMeasure > 180 || (kind.MostMeasure > 180 && random.Chance(0.4));
        return reflex
            ? 360 - chooser.Next(360 - kind.MostMeasure, 360 - kind.LeastMeasure)
            : chooser.Next(kind.LeastMeasure, Math.Min(180, kind.MostMeasure));
    }

    private static void RequireRoom(SetSpecification specification)
    {
        int room = MeasureChooser.Room(specification);
        if (room < specification.Count)
        {
            throw new SpecificationCollisionException(
                $"You ask for {specification.Count} different items, but from {specification.From}° to {specification.To}° with these "
                    + $"steps and kinds of angle there {(room == 1 ? "is" : "are")} only {room} that are neither alike nor supplementary. "
                    + $"Ask for {room}, or widen the range, the steps or the kinds."
            );
        }
    }

    private static Angle Lay(
        int measure,
        bool right,
        SetSpecification specification,
        Protractor instrument,
        SeededRandom random
    )
    {
        bool tilted =
            specification.Tilt == Tilt.Tilted
            || (specification.Tilt == Tilt.Mixed && random.Chance(0.5));
        int turn = tilted ? random.Between(20, 340) : 0;
        Direction start = new Direction(right ? 0 : 180).Turned(turn);
        var vertex = new Point(0, tilted ? 0 : -LevelVertexBelowMiddle);
        return new Angle(
            vertex,
            start,
            new Measure(measure),
            right ? Opening.Anticlockwise : Opening.Clockwise,
            ArmLength(specification, instrument, random),
            ArmLength(specification, instrument, random)
        );
    }

    private static int ArmLength(
        SetSpecification specification,
        Protractor instrument,
        SeededRandom random
    )
    {
        bool isShort =
            specification.Arms == ArmLengths.Short
            || (specification.Arms == ArmLengths.Mixed && random.Chance(0.5));
        int radius = (int)instrument.EdgeRadius;
        return isShort
            ? random.Between(radius * 45 / 100, radius * 80 / 100)
            : random.Between(radius + 6, radius + 9);
    }
}
