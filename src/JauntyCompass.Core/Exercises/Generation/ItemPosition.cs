using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>A place in the set: what does not change from form to form, and the item of the first one.</summary>
internal sealed record ItemPosition(
    int Number,
    ExerciseKind Kind,
    int Turn,
    int Turns,
    int Variety,
    Protractor Instrument,
    bool OpensRight,
    bool IsTilted,
    bool KeepsSide,
    bool StartIsShort,
    bool EndIsShort,
    bool DrawsBaseRay,
    MadeItem? First
)
{
    /// <summary>What its item in the first form is worth as it was made.</summary>
    internal Candidate Chosen => First!.AsMade;

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

/// <summary>The places of a set, each with the measure that the items there have in the first form.</summary>
internal static class ItemPositions
{
    /// <summary>Decides on all places, in the order of the set.</summary>
    internal static IReadOnlyList<ItemPosition> Of(
        SetSpecification specification,
        InstrumentSelection instruments,
        Candidates candidates,
        ItemMaker maker,
        int seed
    )
    {
        var random = SeededRandom.Named(seed, "positions");
        List<ItemPosition> positions = Empty(specification, instruments, seed, random);
        Fill(positions, specification, candidates, maker, random);
        // Sorted once: the same place is equally hard in every form.
        return specification.Order == ItemOrder.Rising
            ? [.. positions.OrderBy(s => s.Difficulty)]
            : positions;
    }

    private static List<ItemPosition> Empty(
        SetSpecification specification,
        InstrumentSelection instruments,
        int seed,
        SeededRandom random
    )
    {
        var positions = new List<ItemPosition>();
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
                    _ => positions.Count % 2 == 0 == rightFirst,
                };
                bool tilted =
                    specification.Tilt == Tilt.Tilted
                    || (specification.Tilt == Tilt.Mixed && random.Chance(0.5));
                positions.Add(
                    new ItemPosition(
                        positions.Count,
                        kind,
                        i,
                        wanted.Count,
                        ItemPlan.VarietyOf(seed, i, kind.Facts.Varieties),
                        instruments.At(kind, i),
                        right,
                        tilted,
                        specification.Opening is OpeningSide.Right or OpeningSide.Left,
                        IsShort(specification, random),
                        IsShort(specification, random),
                        specification.BaseRays == BaseRays.Own
                            || (specification.BaseRays == BaseRays.Mixed && random.Chance(0.5)),
                        First: null
                    )
                );
            }
        }
        if (specification.Order == ItemOrder.Mixed)
        {
            random.Shuffle(positions);
        }
        return [.. positions.Select((p, number) => p with { Number = number })];
    }

    private static bool IsShort(SetSpecification specification, SeededRandom random) =>
        specification.Arms == ArmLengths.Short
        || (specification.Arms == ArmLengths.Mixed && random.Chance(0.5));

    private static void Fill(
        List<ItemPosition> positions,
        SetSpecification specification,
        Candidates candidates,
        ItemMaker maker,
        SeededRandom random
    )
    {
        // Kinds with little room choose first, so that others do not take from it.
        var design = new SetDesign(
            candidates.Targets,
            random,
            specification.Mistakes is { Count: > 0 } ? SetDesign.AsGoodWhenAimed : SetDesign.AsGood
        );
        int[] order =
        [
            .. Enumerable.Range(0, positions.Count).OrderBy(i => candidates.Of(positions[i]).Count),
        ];
        var there = new ItemsThere();
        foreach (int i in order)
        {
            IReadOnlyList<Candidate> own = candidates.Of(positions[i]);
            MadeItem Make(Candidate candidate) => maker.Make(positions[i], candidate, 0, there);
            // Where every number is taken, another kind of exercise may well ask for one of them again.
            MadeItem first = design.Next(own, Make) ?? Make(own[random.Below(own.Count)]);
            there.Add(first.Item);
            positions[i] = positions[i] with { First = first };
        }
    }
}
