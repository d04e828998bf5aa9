using System.Collections.Immutable;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Steps;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>What a student's first tries at a set say together, so far.</summary>
public sealed class StudentHistory
{
    // By the place of the item, not by time: sums of logarithms depend on their order in the last digits, and a mark must not.
    private readonly ImmutableArray<FirstTry> _tries;
    private readonly double _tolerance;
    private Beliefs? _beliefs;

    private StudentHistory(ImmutableArray<FirstTry> tries, double tolerance) =>
        (_tries, _tolerance) = (tries, tolerance);

    private readonly record struct FirstTry(
        int ItemIndex,
        ExerciseKind Kind,
        ImmutableArray<AnswerEvidence> Evidence
    );

    /// <summary>Nothing is answered yet.</summary>
    /// <param name="tolerance">Degrees of error that are accepted.</param>
    public static StudentHistory Empty(double tolerance) => new([], tolerance);

    /// <summary>How many first tries are in here.</summary>
    public int Count => _tries.Length;

    /// <summary>One bit an item, of at most sixty: whether its first try is in here. Answers never change, so this tells all of them.</summary>
    public long Answered => _tries.Aggregate(0L, (bits, t) => bits | (1L << t.ItemIndex));

    /// <summary>The habits behind the answers; weighed when they are first asked for.</summary>
    public Beliefs Beliefs =>
        _beliefs ??= HabitFinder.Find(
            [.. _tries.SelectMany(t => t.Evidence)],
            [.. _tries.Select(t => t.Kind).Distinct().SelectMany(k => k.Mistakes).Distinct()]
        );

    /// <summary>The history with one more first try.</summary>
    public StudentHistory With(ExerciseKind kind, Item item, Response response, int itemIndex) =>
        With(kind, kind.Steps(item, response), itemIndex);

    /// <summary>The history with one more first try, by its steps.</summary>
    public StudentHistory With(ExerciseKind kind, IReadOnlyList<AnsweredStep> steps, int itemIndex)
    {
        int place = 0;
        while (place < _tries.Length && _tries[place].ItemIndex < itemIndex)
        {
            place++;
        }
        return new(
            _tries.Insert(
                place,
                new FirstTry(itemIndex, kind, [.. ExerciseKind.Weigh(steps, _tolerance)])
            ),
            _tolerance
        );
    }

    /// <summary>The history of some answers.</summary>
    /// <param name="items">The student's items.</param>
    /// <param name="answers">First tries at them: the place of each item, from 0, and what was answered.</param>
    /// <param name="tolerance">Degrees of error that are accepted.</param>
    public static StudentHistory Of(
        IReadOnlyList<Item> items,
        IEnumerable<(int ItemIndex, Response Response)> answers,
        double tolerance
    ) =>
        answers.Aggregate(
            Empty(tolerance),
            (all, a) =>
                all.With(
                    ExerciseKinds.Of(items[a.ItemIndex]),
                    items[a.ItemIndex],
                    a.Response,
                    a.ItemIndex
                )
        );
}
