using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Marking;
using JauntyCompass.Server.Features.Bench;

namespace JauntyCompass.Server.Features.Files;

/// <summary>Marks answers again by the newest marker, each in the light of the student's first tries before it; old marks stay.</summary>
public static class Remarking
{
    /// <summary>An answer to be marked again.</summary>
    /// <param name="Item">The item.</param>
    /// <param name="Response">The response.</param>
    /// <param name="ItemIndex">Its place in the set, from 0.</param>
    /// <param name="Try">Which try, from 1.</param>
    public readonly record struct Again(Item Item, Response Response, int ItemIndex, int Try);

    /// <summary>Marks the answers of one student, in the order in which they came in.</summary>
    /// <param name="answers">The answers.</param>
    /// <param name="rules">How they are marked; the history is built up on the way.</param>
    /// <param name="cancellation">Gives up between two answers.</param>
    public static IEnumerable<Mark> Of(
        IEnumerable<Again> answers,
        MarkingRules rules,
        CancellationToken cancellation = default
    )
    {
        StudentHistory history = StudentHistory.Empty(rules.Tolerance);
        foreach (Again answer in answers)
        {
            cancellation.ThrowIfCancellationRequested();
            ExerciseKind kind = ExerciseKinds.Of(answer.Item);
            yield return kind.Mark(
                answer.Item,
                answer.Response,
                rules with
                {
                    History = history.Beliefs,
                }
            );
            if (answer.Try == 1)
            {
                history = history.With(kind, answer.Item, answer.Response, answer.ItemIndex);
            }
        }
    }

    /// <summary>Marks all answers of a file that the newest marker has not marked yet.</summary>
    public static AnswersFile Of(AnswersFile file, CancellationToken cancellation)
    {
        var rules = new MarkingRules(file.Tolerance);
        var marked = new Dictionary<AnswerInFile, Mark>(ReferenceEqualityComparer.Instance);
        foreach (IGrouping<int, AnswerInFile> own in file.Answers.GroupBy(a => a.Student))
        {
            AnswerInFile[] ordered = [.. own.OrderBy(a => a.Order)];
            IEnumerable<Mark> marks = Of(
                ordered.Select(a => new Again(a.Item, a.Response, a.ItemIndex, a.Try)),
                rules,
                cancellation
            );
            foreach ((AnswerInFile answer, Mark mark) in ordered.Zip(marks))
            {
                marked[answer] = mark;
            }
        }
        return file with
        {
            Answers =
            [
                .. file.Answers.Select(a =>
                    a.Marks.Any(m => m.MarkerVersion == MarkingRules.Version)
                        ? a
                        : a with
                        {
                            Marks = [.. a.Marks, marked[a]],
                        }
                ),
            ],
        };
    }
}
