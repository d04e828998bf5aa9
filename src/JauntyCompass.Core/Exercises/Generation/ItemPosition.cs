using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>A place in the set: what does not change from form to form.</summary>
internal sealed record ItemPosition(
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

/// <summary>The places of a set, each with the measure that the items there have in the first form.</summary>
internal static class ItemPositions
{
    /// <summary>Decides on all places, in the order of the set.</summary>
    internal static IReadOnlyList<ItemPosition> Of(
        SetSpecification specification,
        InstrumentSelection instruments,
        Candidates candidates,
        int seed
    )
    {
        var random = SeededRandom.Named(seed, "slots");
        List<ItemPosition> positions = Empty(specification, instruments, seed, random);
        Fill(positions, specification, candidates, random);
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
                        default
                    )
                );
            }
        }
        if (specification.Order == ItemOrder.Mixed)
        {
            random.Shuffle(positions);
        }
        return positions;
    }

    private static bool IsShort(SetSpecification specification, SeededRandom random) =>
        specification.Arms == ArmLengths.Short
        || (specification.Arms == ArmLengths.Mixed && random.Chance(0.5));

    private static void Fill(
        List<ItemPosition> positions,
        SetSpecification specification,
        Candidates candidates,
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
        foreach (int i in order)
        {
            IReadOnlyList<Candidate> own = candidates.Of(positions[i]);
            positions[i] = positions[i] with
            {
                // Where every number is taken, another kind of exercise may well ask for one of them again.
                Chosen = design.Next(own) ?? own[random.Below(own.Count)],
            };
        }
    }
}
