using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>Finds wishes of a specification that cannot be met together, and says what can be had instead.</summary>
internal static class Collisions
{
    private static readonly string[] OfTwoScales = ["other-scale", "ten-from-other-scale"];

    /// <summary>Requires that the mistakes looked for can show in these kinds and on this instrument.</summary>
    internal static void Require(
        SetSpecification specification,
        Protractor instrument,
        IReadOnlyList<Mistake> targets
    )
    {
        if (specification.Mistakes is not { Count: > 0 })
        {
            return;
        }
        foreach (Mistake target in targets)
        {
            if (
                !specification.Kinds.Any(k => ExerciseKinds.Find(k.Kind)!.Mistakes.Contains(target))
            )
            {
                IEnumerable<string> others = ExerciseKinds
                    .All.Where(k => k.Mistakes.Contains(target))
                    .Select(k => $"“{k.Title}”");
                throw new SpecificationCollisionException(
                    $"You look for students who {target.Name}, but none of the kinds you chose can show that. "
                        + $"Add {string.Join(" or ", others)}, or leave this mistake out."
                );
            }
            if (instrument.Scales.Count == 1 && OfTwoScales.Contains(target.Key))
            {
                throw new SpecificationCollisionException(
                    $"You look for students who {target.Name}, but “{instrument.Name}” has one scale only. "
                        + "Choose an instrument with two scales, or leave this mistake out."
                );
            }
        }
    }

    /// <summary>Requires as many different measures as there are items: for each kind, and for all together.</summary>
    internal static void RequireRoom(SetSpecification specification, Candidates candidates)
    {
        KindCount[] measured =
        [
            .. specification.Kinds.Where(k => ExerciseKinds.Find(k.Kind)!.Facts.IsMeasured),
        ];
        foreach (KindCount wanted in specification.Kinds)
        {
            int needed = measured.Contains(wanted) ? wanted.Count : 1;
            Require(
                specification,
                $" of “{ExerciseKinds.Find(wanted.Kind)!.Title}”",
                needed,
                Candidates.Room(candidates.Of(ExerciseKinds.Find(wanted.Kind)!))
            );
        }
        Require(
            specification,
            "",
            measured.Sum(k => k.Count),
            Candidates.Room(measured.SelectMany(k => candidates.Of(ExerciseKinds.Find(k.Kind)!)))
        );
    }

    private static void Require(SetSpecification specification, string which, int needed, int room)
    {
        if (room >= needed)
        {
            return;
        }
        throw new SpecificationCollisionException(
            $"You ask for {needed} different {(needed == 1 ? "item" : "items")}{which}, but from {specification.From}° to {specification.To}° with these "
                + $"steps and kinds of angle there {(room == 1 ? "is only 1" : $"are only {room}")} that are neither alike nor supplementary. "
                + (
                    room == 0
                        ? "Widen the range, the steps or the kinds of angle."
                        : $"Ask for {room}, or widen the range, the steps or the kinds."
                )
        );
    }
}
