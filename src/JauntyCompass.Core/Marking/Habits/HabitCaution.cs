namespace JauntyCompass.Core.Marking.Habits;

/// <summary>Whether a habit that is likely may also be stated: it showed more often than slips and lapses do.</summary>
/// <param name="table">What the answers say.</param>
/// <param name="likelihoods">The likelihoods of the answers.</param>
internal sealed class HabitCaution(AnswerTable table, Likelihoods likelihoods)
{
    // What showed once is a slip; a habit shows in more answers, and in more of them than slips do. Common practice, no source.
    private const double LeastShown = 1.5;
    private const double LeastShareShown = 0.12;

    /// <summary>
    /// Whether a habit showed in more answers than slips do, if the student has it.
    /// </summary>
    /// <param name="habit">The habit.</param>
    /// <param name="beside">The likeliest other one, beside which it may have been made; null for none.</param>
    internal bool ShowsAsAHabit(int habit, int? beside)
    {
        Span<double> hands = stackalloc double[table.Kept.Length];
        likelihoods.Hands(habit, hands);
        double shown = 0;
        int could = 0;
        for (int i = 0; i < table.Evidence.Count; i++)
        {
            ReadOnlySpan<float> given = table.Evidence[i].Given(table.Habits[habit].Place);
            if (given.IsEmpty)
            {
                continue;
            }
            could++;
            double with = Ratio(i, given, hands);
            double without = 1;
            if (
                beside is int other
                && table.Evidence[i].Given(table.Habits[other].Place) is { IsEmpty: false } ofOther
            )
            {
                with += Ratio(
                    i,
                    table.Evidence[i].OfBoth(table.Habits[habit], table.Habits[other], out _),
                    hands
                );
                without += Ratio(i, ofOther, hands);
            }
            // An answer that comes about as well without it is no sign of it.
            shown += with > without ? with / (with + without) : 0;
        }
        return shown >= Math.Max(LeastShown, LeastShareShown * could);
    }

    /// <summary>
    /// How many times likelier a habit makes the answers of a hand that lapses often; infinite where no such hand would give them.
    /// </summary>
    /// <param name="habit">The habit.</param>
    /// <param name="beside">Another one that the student has all the same; null for none.</param>
    internal double RatioOfLapsingHand(int habit, int? beside)
    {
        Span<double> with = stackalloc double[table.Kept.Length];
        Span<double> without = stackalloc double[table.Kept.Length];
        int power = beside is int known
            ? likelihoods.Products(habit, known, with) - likelihoods.Products(known, without)
            : likelihoods.Products(habit, with);
        if (beside is null)
        {
            table.Hands.CopyTo(without);
        }
        double more = 0;
        double less = 0;
        for (int k = 0; k < table.Kept.Length; k++)
        {
            if (HandModel.LapsesOften(table.Kept[k]))
            {
                more += with[k];
                less += without[k];
            }
        }
        return less > 0 ? Math.ScaleB(more / less, power) : double.PositiveInfinity;
    }

    private double Ratio(int answer, ReadOnlySpan<float> given, ReadOnlySpan<double> hands)
    {
        double ratio = 0;
        for (int k = 0; k < table.Kept.Length && !given.IsEmpty; k++)
        {
            ratio += hands[k] * table.Ratio(answer, k, given);
        }
        return ratio;
    }
}
