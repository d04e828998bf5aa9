using System.Collections.Immutable;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Steps;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>What a student's first tries at a set say together, so far.</summary>
public sealed class StudentHistory
{
    private readonly ImmutableArray<AnswerEvidence> _answers;
    private readonly ImmutableArray<ExerciseKind> _kinds;
    private Beliefs? _beliefs;

    private StudentHistory(
        ImmutableArray<AnswerEvidence> answers,
        ImmutableArray<ExerciseKind> kinds
    ) => (_answers, _kinds) = (answers, kinds);

    /// <summary>Nothing is answered yet.</summary>
    public static StudentHistory Empty { get; } = new([], []);

    /// <summary>The habits behind the answers; weighed when they are first asked for.</summary>
    public Beliefs Beliefs =>
        _beliefs ??= HabitFinder.Find(_answers, [.. _kinds.SelectMany(k => k.Mistakes).Distinct()]);

    /// <summary>The history with one more first try.</summary>
    public StudentHistory With(ExerciseKind kind, Item item, Response response) =>
        With(kind, kind.Steps(item, response));

    /// <summary>The history with one more first try, by its steps.</summary>
    public StudentHistory With(ExerciseKind kind, IReadOnlyList<AnsweredStep> steps) =>
        new(_answers.AddRange(ExerciseKind.Weigh(steps)), And(_kinds, kind));

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
                all.With(ExerciseKinds.Of(items[a.ItemIndex]), items[a.ItemIndex], a.Response)
        );

    // Most answers are of a kind that has been answered before.
    private static ImmutableArray<ExerciseKind> And(
        ImmutableArray<ExerciseKind> kinds,
        ExerciseKind kind
    ) => kinds.Contains(kind) ? kinds : kinds.Add(kind);
}
