using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Exercises;

/// <summary>
/// A short demonstration for a student whose answer was marked: what happened, on the student's own placement. How it is done
/// right is shown on the item itself only when nothing is left to try; before that, on a twin.
/// </summary>
public static class ShowMe
{
    // The last step of a replay before it is done right.
    private const string LastBeforeRight = "remedy";

    /// <summary>The demonstration; null where the kind has none.</summary>
    /// <param name="item">The item.</param>
    /// <param name="twin">Another item like it, or null.</param>
    /// <param name="response">What was handed in.</param>
    /// <param name="mark">Its mark.</param>
    /// <param name="rules">How the class does things.</param>
    /// <param name="mayTell">Whether the right answer may be seen.</param>
    public static Script? Of(
        Item item,
        Item? twin,
        Response response,
        Mark mark,
        HouseRules rules,
        bool mayTell
    )
    {
        ExerciseKind kind = ExerciseKinds.Of(item);
        if (kind.Work(item, rules) is not WorkedExample work)
        {
            return null;
        }
        if (Replay(item, work, response, mark, rules) is Script replay)
        {
            int last = replay.Steps.ToList().FindIndex(s => s.Key == LastBeforeRight);
            return mayTell || last < 0
                ? replay
                : replay with
                {
                    Steps = [.. replay.Steps.Take(last + 1)],
                    Answer = null,
                };
        }
        return mayTell ? work.Script
            : twin is null ? null
            : ExerciseKinds.Of(twin).Work(twin, rules)?.Script;
    }

    // What went wrong is made again where it was made: at that angle, with the instrument as it lay there, to the number written there.
    private static Script? Replay(
        Item item,
        WorkedExample work,
        Response response,
        Mark mark,
        HouseRules rules
    )
    {
        if (mark.Verdict == Verdict.Accepted)
        {
            return null;
        }
        IReadOnlyList<AnsweredStep> steps = ExerciseKinds.Of(item).Steps(item, response);
        (string Made, DemonstrationTask Task)? again = FirstWrong(steps, mark) switch
        {
            DrawingStep { IsWorkedOut: true } => null,
            DrawingStep step => ("drawn-", work.Task with { Angle = step.Context.Angle }),
            ReadingStep step => ("wrong-", At(step, work.Task, step.Given)),
            AnsweredStep<Reading> => (
                "wrong-",
                work.Task with
                {
                    Placement = steps
                        .OfType<ReadingStep>()
                        .FirstOrDefault()
                        ?.Context.Laid?.Placement,
                    Answer = Written(mark.Value),
                }
            ),
            _ => null,
        };
        if (
            again is not (string made, DemonstrationTask task)
            || DemonstrationCatalogue.Find(made + mark.LikelyCause) is not Demonstration replay
        )
        {
            return null;
        }
        var errors = new ValidationErrors();
        replay.Validate(task, errors);
        return errors.None ? replay.Build(task) : null;
    }

    private static DemonstrationTask At(ReadingStep step, DemonstrationTask work, double? given) =>
        work with
        {
            Angle = step.Context.Angle,
            Names = step.Names ?? work.Names,
            Placement = step.Context.Laid?.Placement,
            Answer = Written(given),
        };

    private static double? Written(double? degrees) =>
        degrees is double value ? Math.Round(value, 1) : null;

    private static AnsweredStep? FirstWrong(IReadOnlyList<AnsweredStep> steps, Mark mark) =>
        steps.FirstOrDefault(s =>
            s.Decides
            && mark.Steps?.FirstOrDefault(m => m.Step == s.Key)?.Verdict
                is not (null or Verdict.Accepted)
        );
}
