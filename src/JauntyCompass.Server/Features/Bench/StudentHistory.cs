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
    private Beliefs? _beliefs;

    private StudentHistory(ImmutableArray<FirstTry> tries) => _tries = tries;

    private readonly record struct FirstTry(
        int ItemIndex,
        ExerciseKind Kind,
        ImmutableArray<AnswerEvidence> Evidence
    );

    /// <summary>Nothing is answered yet.</summary>
    public static StudentHistory Empty { get; } = new([]);

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
            _tries.Insert(place, new FirstTry(itemIndex, kind, [.. ExerciseKind.Weigh(steps)]))
        );
    }

    /// <summary>The history of some answers.</summary>
    /// <param name="items">The student's items.</param>
    /// <param name="answers">First tries at them: the place of each item, from 0, and what was answered.</param>
    public static StudentHistory Of(
        IReadOnlyList<Item> items,
        IEnumerable<(int ItemIndex, Response Response)> answers
    ) =>
        answers.Aggregate(
            Empty,
            (all, a) =>
                all.With(
                    ExerciseKinds.Of(items[a.ItemIndex]),
                    items[a.ItemIndex],
                    a.Response,
                    a.ItemIndex
                )
        );
}
