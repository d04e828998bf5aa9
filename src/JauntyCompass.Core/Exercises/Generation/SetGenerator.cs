using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>Thrown when the wishes of a specification cannot all be met; the message says which collide and what can be had.</summary>
public sealed class SpecificationCollisionException(string message) : Exception(message);

/// <summary>
/// Makes a set of items from a specification and a seed. Items are chosen, not drawn: so that the targeted mistakes show.
/// </summary>
public static class SetGenerator
{
    /// <summary>Number of this generator: the same number makes the same set of the same specification and seed for ever.</summary>
    public const int Version = 4;

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
    public static GeneratedSet Generate(SetSpecification specification, int seed)
    {
        var tray = Tray.Of(specification);
        IReadOnlyList<Mistake> targets = Targets(specification);
        Collisions.Require(specification, tray, targets);
        var candidates = Candidates.Of(specification, tray, targets);
        Collisions.RequireRoom(specification, tray, candidates);

        var random = new SeededRandom(seed);
        List<Slot> slots = Slots(specification, tray, random);
        Fill(slots, candidates, random);
        if (specification.Order == ItemOrder.Rising)
        {
            // Sorted once: the same place is equally hard in every form.
            slots = [.. slots.OrderBy(s => s.Difficulty)];
        }
        List<Item> first = Make(slots, specification, seed, form: 0);
        var used = slots.ConvertAll(s => new HashSet<int> { s.Chosen.Measure });
        var forms = new List<IReadOnlyList<Item>>();
        for (int form = 1; form < specification.Forms; form++)
        {
            var again = new SeededRandom(seed, stream: 20_000 + form);
            var design = new SetDesign(candidates.Targets, again);
            var own = new List<Slot>(slots.Count);
            for (int i = 0; i < slots.Count; i++)
            {
                Slot slot = slots[i];
                Candidate like =
                    design.Like(slot.Chosen, candidates.Of(slot.Kind, slot.Instrument), used[i])
                    ?? slot.Chosen;
                used[i].Add(like.Measure);
                own.Add(slot with { Chosen = like });
            }
            forms.Add(Make(own, specification, seed, form));
        }
        List<GeneratedItem> items =
        [
            .. first.Select(i => GeneratedItem.Of(i, specification.Tolerance)),
        ];
        return new GeneratedSet(
            Version,
            seed,
            items,
            forms,
            SetReport.Of(items, targets, specification.Tolerance)
        );
    }

    /// <summary>Another item like one of a set: at the same place of a parallel form that no student has.</summary>
    /// <param name="specification">What the set was made from.</param>
    /// <param name="seed">Its seed.</param>
    /// <param name="index">Place of the item, from 0.</param>
    /// <param name="number">Which twin, from 1.</param>
    public static Item Twin(SetSpecification specification, int seed, int index, int number)
    {
        int forms = Math.Min(SetSpecification.MostForms, specification.Forms + number);
        return Generate(specification with { Forms = forms }, seed).Forms[^1][index];
    }

    /// <summary>The mistakes that a set is aimed at: those asked for, or all that its kinds can show.</summary>
    internal static IReadOnlyList<Mistake> Targets(SetSpecification specification)
    {
        IEnumerable<Mistake> can = specification
            .Kinds.SelectMany(k => ExerciseKinds.Find(k.Kind)!.Mistakes)
            .Distinct()
            .Where(m => m.CanBeHabit);
        return specification.Mistakes is { Count: > 0 } keys
            ? [.. keys.Distinct().Select(k => MistakeCatalogue.Find(k)!)]
            : [.. can];
    }

    /// <summary>A place in the set: what does not change from form to form.</summary>
    private sealed record Slot(
        ExerciseKind Kind,
        Protractor Instrument,
        bool OpensRight,
        bool IsTilted,
        bool StartIsShort,
        bool EndIsShort,
        bool DrawsBaseRay,
        Candidate Chosen
    )
    {
        /// <summary>How hard it is, from easy to hard. Common practice, no source.</summary>
        internal double Difficulty =>
            Kind.Facts.Difficulty
            + (IsTilted ? 1 : 0)
            + (StartIsShort || EndIsShort ? 1 : 0)
            + (DrawsBaseRay ? 1 : 0)
            + (OpensRight ? 0 : 0.5)
            + Chosen.Fineness * 0.5
            + (
                Chosen.Kind == AngleKind.Obtuse ? 0.5
                : Chosen.Kind == AngleKind.Reflex ? 1
                : 0
            );
    }

    private static List<Slot> Slots(SetSpecification specification, Tray tray, SeededRandom random)
    {
        var slots = new List<Slot>();
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
                    _ => slots.Count % 2 == 0 == rightFirst,
                };
                bool tilted =
                    specification.Tilt == Tilt.Tilted
                    || (specification.Tilt == Tilt.Mixed && random.Chance(0.5));
                slots.Add(
                    new Slot(
                        kind,
                        tray.At(kind, i),
                        right,
                        tilted,
                        IsShort(specification, random),
                        IsShort(specification, random),
                        specification.BaseRays == BaseRays.Own
                            || (specification.BaseRays == BaseRays.Mixed && random.Chance(0.5)),
                        default
                    )
                );
            }
        }
        if (specification.Order == ItemOrder.Mixed)
        {
            random.Shuffle(slots);
        }
        return slots;
    }

    private static bool IsShort(SetSpecification specification, SeededRandom random) =>
        specification.Arms == ArmLengths.Short
        || (specification.Arms == ArmLengths.Mixed && random.Chance(0.5));

    private static void Fill(List<Slot> slots, Candidates candidates, SeededRandom random)
    {
        // Kinds with little room choose first, so that others do not take from it.
        var design = new SetDesign(candidates.Targets, random);
        int[] order =
        [
            .. Enumerable
                .Range(0, slots.Count)
                .OrderBy(i => candidates.Of(slots[i].Kind, slots[i].Instrument).Count),
        ];
        foreach (int i in order)
        {
            IReadOnlyList<Candidate> own = candidates.Of(slots[i].Kind, slots[i].Instrument);
            slots[i] = slots[i] with
            {
                // Where every number is taken, another kind of exercise may well ask for one of them again.
                Chosen = design.Next(own) ?? own[random.Below(own.Count)],
            };
        }
    }

    private static List<Item> Make(
        List<Slot> slots,
        SetSpecification specification,
        int seed,
        int form
    )
    {
        var scenes = new SeededRandom(seed, stream: 3);
        int scene = scenes.Below(1000);
        int lettersFrom = scenes.Below(Letters.Length);
        var items = new List<Item>(slots.Count);
        foreach (Slot slot in slots)
        {
            int place = items.Count;
            var random = new SeededRandom(seed, stream: 1000 * (form + 1) + place);
            var plan = new ItemPlan(
                Lay(slot, random),
                slot.Instrument,
                Letters[(lettersFrom + place) % Letters.Length],
                specification.Theme,
                scene + place,
                // What a kind decides by itself is the same in every form, so that the forms stay parallel.
                new SeededRandom(seed, stream: 500_000 + place)
            )
            {
                Tolerance = specification.Tolerance,
                DrawsBaseRay = slot.DrawsBaseRay,
                Reflex = specification.Rules?.Reflex,
            };
            items.Add(slot.Kind.Make(plan));
        }
        return items;
    }

    private static Angle Lay(Slot slot, SeededRandom random)
    {
        int turn = slot.IsTilted ? random.Between(20, 340) : 0;
        // Above a level arm a half circle needs room, below it none.
        bool low = !slot.IsTilted && slot.Instrument.Shape == ProtractorShape.HalfCircle;
        return new Angle(
            new Point(0, low ? -LevelVertexBelowMiddle : 0),
            new Direction(slot.OpensRight ? 0 : 180).Turned(turn),
            new Measure(slot.Chosen.Measure),
            slot.OpensRight ? Opening.Anticlockwise : Opening.Clockwise,
            ArmLength(slot.StartIsShort, slot.Instrument, random),
            ArmLength(slot.EndIsShort, slot.Instrument, random)
        );
    }

    private static int ArmLength(bool isShort, Protractor instrument, SeededRandom random)
    {
        int radius = (int)instrument.EdgeRadius;
        return isShort
            ? random.Between(radius * 45 / 100, radius * 80 / 100)
            : random.Between(radius + 6, radius + 9);
    }
}
