using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
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
        if (Replay(work, response, mark) is Script replay)
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

    private static Script? Replay(WorkedExample work, Response response, Mark mark)
    {
        if (
            mark.Verdict == Verdict.Accepted
            || DemonstrationCatalogue.Find("wrong-" + mark.LikelyCause) is not Demonstration replay
        )
        {
            return null;
        }
        DemonstrationTask task = work.Task with
        {
            Placement = response.LaidOn,
            Answer = mark.Value is double value ? Math.Round(value, 1) : null,
        };
        var errors = new ValidationErrors();
        replay.Validate(task, errors);
        return errors.None ? replay.Build(task) : null;
    }
}
