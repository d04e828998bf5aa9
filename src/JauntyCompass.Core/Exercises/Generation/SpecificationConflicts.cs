using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>Finds wishes of a specification that cannot be met together, and says what can be had instead.</summary>
internal static class SpecificationConflicts
{
    /// <summary>Requires that the mistakes looked for can show in these kinds and on this instrument.</summary>
    internal static void Require(
        SetSpecification specification,
        InstrumentSelection instruments,
        IReadOnlyList<Mistake> targets
    )
    {
        if (specification.Mistakes is not { Count: > 0 })
        {
            return;
        }
        foreach (Mistake target in targets)
        {
            ExerciseKind[] able =
            [
                .. specification
                    .Kinds.Select(k => ExerciseKinds.Find(k.Kind)!)
                    .Where(k => k.Mistakes.Contains(target)),
            ];
            if (able.Length == 0)
            {
                IEnumerable<string> others = ExerciseKinds
                    .All.Where(k => k.Mistakes.Contains(target))
                    .Select(k => $"“{k.Title}”");
                throw new SpecificationConflictException(
                    $"You look for students who {target.Name}, but none of the kinds you chose can show that. "
                        + $"Add {string.Join(" or ", others)}, or leave this mistake out."
                );
            }
            RequireScales(target, [.. able.SelectMany(instruments.For).Distinct()]);
        }
    }

    private static void RequireScales(Mistake target, Protractor[] used)
    {
        if (
            target is not InstrumentMistake { NeedsTwoScales: bool two }
            || used.Any(target.CanBeMadeOn)
        )
        {
            return;
        }
        IEnumerable<string> names = used.Select(p => $"“{p.Name}”");
        string have = used.Length == 1 ? "has" : "have";
        throw new SpecificationConflictException(
            $"You look for students who {target.Name}, but {string.Join(" and ", names)} {have} {(two ? "one scale only" : "two scales")}. "
                + $"Choose an instrument with {(two ? "two scales" : "one scale")}, or leave this mistake out."
        );
    }

    /// <summary>Requires as many different measures as there are items: for each kind, and for all together.</summary>
    internal static void RequireRoom(
        SetSpecification specification,
        InstrumentSelection instruments,
        Candidates candidates
    )
    {
        IEnumerable<Candidate> Any(string key)
        {
            ExerciseKind kind = ExerciseKinds.Find(key)!;
            return instruments.For(kind).SelectMany(p => candidates.Of(kind, p));
        }

        KindCount[] measured =
        [
            .. specification.Kinds.Where(k => ExerciseKinds.Find(k.Kind)!.Facts.IsMeasured),
        ];
        foreach (KindCount wanted in specification.Kinds)
        {
            RequireReadable(specification, wanted, instruments, candidates);
            int needed = measured.Contains(wanted) ? wanted.Count : 1;
            RequireRange(specification, ExerciseKinds.Find(wanted.Kind)!.Facts);
            Require(
                specification,
                $" of “{ExerciseKinds.Find(wanted.Kind)!.Title}”",
                needed,
                Candidates.Room(Any(wanted.Kind))
            );
        }
        Require(
            specification,
            "",
            measured.Sum(k => k.Count),
            Candidates.Room(measured.SelectMany(k => Any(k.Kind)))
        );
    }

    // A kind whose items have other angles altogether is named with what it has.
    private static void RequireRange(SetSpecification specification, KindFacts facts)
    {
        bool outside =
            facts.LeastMeasure <= 180
            && (specification.From > facts.MostMeasure || specification.To < facts.LeastMeasure);
        if (facts.IsMeasured && outside)
        {
            throw new SpecificationConflictException(
                $"“{facts.Title}” has angles from {facts.LeastMeasure}° to {facts.MostMeasure}° only, but you ask for {specification.From}° to {specification.To}°. "
                    + "Widen the range, or leave this kind out."
            );
        }
    }

    // An instrument with coarse graduations needs as many measures that can be read on it as it has turns.
    private static void RequireReadable(
        SetSpecification specification,
        KindCount wanted,
        InstrumentSelection instruments,
        Candidates candidates
    )
    {
        ExerciseKind kind = ExerciseKinds.Find(wanted.Kind)!;
        foreach (
            IGrouping<Protractor, int> turns in Enumerable
                .Range(0, wanted.Count)
                .GroupBy(item => instruments.At(kind, item))
                .Where(turns => !turns.Key.IsFine)
        )
        {
            int room = Candidates.Room(candidates.Of(kind, turns.Key));
            int needed = kind.Facts.IsMeasured ? turns.Count() : 1;
            if (room < needed)
            {
                throw new SpecificationConflictException(
                    $"You ask for {needed} {(needed == 1 ? "item" : "different items")} of “{kind.Title}” with “{turns.Key.Name}”, but of the measures from {specification.From}° to {specification.To}° "
                        + $"{(room == 0 ? "none can be read on it" : $"only {room} can be read on it, the rest being alike or supplementary")}. "
                        + "Widen the range or the steps, or leave this instrument out."
                );
            }
        }
    }

    private static void Require(SetSpecification specification, string which, int needed, int room)
    {
        if (room >= needed)
        {
            return;
        }
        string have = room switch
        {
            0 => "is none",
            1 => "is only 1",
            _ => $"are only {room} that are neither alike nor supplementary",
        };
        throw new SpecificationConflictException(
            $"You ask for {needed} {(needed == 1 ? "item" : "different items")}{which}, but from {specification.From}° to {specification.To}° with these "
                + $"steps and kinds of angle there {have}. "
                + (
                    room == 0
                        ? "Widen the range, the steps or the kinds of angle."
                        : $"Ask for {room}, or widen the range, the steps or the kinds."
                )
        );
    }
}
