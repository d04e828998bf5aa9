using System.Collections.Immutable;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Server.Storage;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>What a student's first tries at a set say together, so far.</summary>
public sealed class StudentHistory
{
    private readonly ImmutableArray<AnswerEvidence> _answers;
    private readonly ImmutableHashSet<Mistake> _mistakes;

    private StudentHistory(
        ImmutableArray<AnswerEvidence> answers,
        ImmutableHashSet<Mistake> mistakes
    )
    {
        _answers = answers;
        _mistakes = mistakes;
        Beliefs = HabitFinder.Find(answers, [.. mistakes]);
    }

    /// <summary>Nothing is answered yet.</summary>
    public static StudentHistory Empty { get; } = new([], []);

    /// <summary>The habits behind the answers.</summary>
    public Beliefs Beliefs { get; }

    /// <summary>The history with one more first try.</summary>
    public StudentHistory With(ExerciseKind kind, Item item, Response response) =>
        With(kind, kind.Steps(item, response));

    /// <summary>The history with one more first try, by its steps.</summary>
    public StudentHistory With(ExerciseKind kind, IReadOnlyList<AnsweredStep> steps) =>
        new(_answers.AddRange(ExerciseKind.Weigh(steps)), _mistakes.Union(kind.Mistakes));

    /// <summary>The history of some answers.</summary>
    /// <param name="items">The student's items.</param>
    /// <param name="answers">First tries at them.</param>
    public static StudentHistory Of(IReadOnlyList<Item> items, IEnumerable<Answer> answers)
    {
        var evidence = ImmutableArray.CreateBuilder<AnswerEvidence>();
        var mistakes = ImmutableHashSet.CreateBuilder<Mistake>();
        foreach (Answer answer in answers)
        {
            ExerciseKind kind = ExerciseKinds.Of(items[answer.ItemIndex]);
            evidence.AddRange(kind.Weigh(items[answer.ItemIndex], answer.Response));
            mistakes.UnionWith(kind.Mistakes);
        }
        return new StudentHistory(evidence.ToImmutable(), mistakes.ToImmutable());
    }
}
