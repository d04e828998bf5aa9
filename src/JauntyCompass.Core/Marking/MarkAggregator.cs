using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>Makes one mark of the steps of an answer. One thing is taught at a time: the first that went wrong.</summary>
public static class MarkAggregator
{
    /// <summary>Marks an answer by its steps.</summary>
    public static Mark Of(IReadOnlyList<AnsweredStep> steps, MarkingRules rules)
    {
        var judged = new Judgement[steps.Count];
        var marks = new StepMark[steps.Count];
        double credit = 0;
        double full = 0;
        Verdict verdict = Verdict.Accepted;
        int main = -1;
        for (int i = 0; i < steps.Count; i++)
        {
            judged[i] = steps[i].Judge(rules);
            double weight = rules.WeightOf(steps[i]);
            double share = judged[i].Verdict switch
            {
                Verdict.Accepted => 1,
                Verdict.Near => MarkingRules.CreditOfNear,
                _ => 0,
            };
            marks[i] = new StepMark(steps[i].Key, steps[i].Title, judged[i].Verdict, share, weight);
            credit += share * weight;
            full += weight;
            if (!steps[i].Decides)
            {
                continue;
            }
            if (main < 0 || judged[main].Verdict == Verdict.Accepted)
            {
                main = i;
            }
            verdict = judged[i].Verdict > verdict ? judged[i].Verdict : verdict;
        }
        Judgement decisive = judged[main];
        Judgement number = judged.LastOrDefault(j => j.Value is not null) ?? decisive;
        Judgement valued = decisive.Value is null ? number : decisive;
        return new Mark(
            MarkingRules.Version,
            verdict,
            steps[main].ToleranceIn(rules),
            valued.Value,
            valued.Error,
            valued.Parts,
            Causes(steps, judged, decisive),
            decisive.LikelyCause,
            FeedbackOf(steps, judged, decisive),
            decisive.Picture?.Rounded(),
            marks,
            full > 0 ? credit / full : ShareOfDeciding(steps, marks)
        );
    }

    // Where no step weighs anything, those that decide weigh alike.
    private static double ShareOfDeciding(
        IReadOnlyList<AnsweredStep> steps,
        IReadOnlyList<StepMark> marks
    ) => marks.Where((_, i) => steps[i].Decides).Average(m => m.Credit);

    // What is seen beside the first thing that went wrong stands after it.
    private static IReadOnlyList<Cause> Causes(
        IReadOnlyList<AnsweredStep> steps,
        Judgement[] judged,
        Judgement decisive
    )
    {
        List<Cause> beside =
        [
            .. judged
                .Where((_, i) => !steps[i].Decides && steps[i].ShowsBeside)
                .SelectMany(j => j.Causes),
        ];
        return beside.Count == 0 ? decisive.Causes : [.. decisive.Causes, .. beside];
    }

    // What is said of steps that do not decide comes before the next thing to do.
    private static Feedback FeedbackOf(
        IReadOnlyList<AnsweredStep> steps,
        Judgement[] judged,
        Judgement decisive
    )
    {
        Message? next = judged
            .Where(
                (j, i) =>
                    !steps[i].Decides
                    && steps[i].Counts
                    && (j.Verdict != Verdict.Accepted || j.LikelyCause is not null)
            )
            .Select(j => j.Feedback.Happened)
            .Append(decisive.Feedback.Next)
            .OfType<Message>()
            .Aggregate(
                (Message?)null,
                (said, more) => said is null ? more : Text.Units.TwoSentences(said, more)
            );
        return decisive.Feedback with { Next = next };
    }
}
