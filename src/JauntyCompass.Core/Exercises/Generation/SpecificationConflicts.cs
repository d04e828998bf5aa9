using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

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
                Message[] others =
                [
                    .. ExerciseKinds
                        .All.Where(k => k.Mistakes.Contains(target))
                        .Select(k => k.Title),
                ];
                throw new SpecificationConflictException(
                    Text.Sets.Conflict.CannotShow(target.Name, others)
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
        Message[] names = [.. used.Select(InstrumentWords.Name)];
        throw new SpecificationConflictException(
            two
                ? Text.Sets.Conflict.NeedsTwoScales(target.Name, names, names.Length)
                : Text.Sets.Conflict.NeedsOneScale(target.Name, names, names.Length)
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
                ExerciseKinds.Find(wanted.Kind)!.Title,
                needed,
                Candidates.Room(Any(wanted.Kind))
            );
        }
        Require(
            specification,
            null,
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
                Text.Sets.Conflict.Range(
                    facts.Title,
                    facts.LeastMeasure,
                    facts.MostMeasure,
                    specification.From,
                    specification.To
                )
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
                    Text.Sets.Conflict.Readable(
                        needed,
                        kind.Title,
                        InstrumentWords.Name(turns.Key),
                        specification.From,
                        specification.To,
                        room
                    )
                );
            }
        }
    }

    private static void Require(SetSpecification specification, Message? kind, int needed, int room)
    {
        if (room >= needed)
        {
            return;
        }
        (double from, double to) = (specification.From, specification.To);
        throw new SpecificationConflictException(
            kind is null
                ? Text.Sets.Conflict.Room(needed, from, to, room)
                : Text.Sets.Conflict.RoomOfKind(needed, kind, from, to, room)
        );
    }
}
