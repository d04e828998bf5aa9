using JauntyCompass.Core.Marking.Explanations;
using JauntyCompass.Core.Marking.Observations;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>Makes a mark from what was found: the same way for a number and for a drawing.</summary>
public static class Judge
{
    private const double ObservedFrom = 0.5;

    /// <summary>Marks an answer that comes to a number of degrees.</summary>
    /// <param name="context">The true context.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="answer">The answer, in degrees.</param>
    /// <param name="mistakes">The mistakes that the exercise can show.</param>
    /// <param name="rules">Tolerance and words.</param>
    public static Judgement Of(
        MarkingContext context,
        DrawnFigure? figure,
        double answer,
        IReadOnlyList<InstrumentMistake> mistakes,
        MarkingRules rules
    )
    {
        double error = answer - context.Measure;
        Verdict byDegrees = ByDegrees(Math.Abs(error), context, rules);
        List<Cause> seen = Look(figure, mistakes, out string? serious);
        Verdict bySheet =
            serious is not null ? Verdict.NotYet
            : seen.Count > 0 ? Verdict.Near
            : Verdict.Accepted;
        Verdict verdict = byDegrees > bySheet ? byDegrees : bySheet;

        var story = new MistakeStory(context, answer, figure);
        List<Cause> byNumber =
            byDegrees == Verdict.Accepted
                ? []
                : Diagnosis.Weigh(
                    context,
                    figure,
                    answer,
                    mistakes,
                    rules.History,
                    rules.Tolerance
                );
        string? likely = Name(
            byDegrees,
            byNumber,
            serious ?? seen.FirstOrDefault()?.Mistake,
            serious
        );
        List<Cause> causes = [.. byNumber, .. seen];
        causes.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        InstrumentMistake? named = mistakes.FirstOrDefault(m => m.Key == likely);
        return new Judgement(verdict, Explain(verdict, named, story, rules))
        {
            Value = answer,
            Error = error,
            Parts = Split(context, figure, answer),
            Causes = causes,
            LikelyCause = likely,
            Picture = named is null ? null : ExplanationCatalogue.Of(named).Draw(story),
        };
    }

    /// <summary>Judges work that gives no angle at all.</summary>
    /// <param name="rules">The rules in force.</param>
    /// <param name="happened">What is missing.</param>
    /// <param name="next">What to do.</param>
    public static Judgement Unfinished(MarkingRules rules, Message happened, Message next) =>
        new(Verdict.NotYet, new Feedback(null, happened, next))
        {
            LikelyCause = Diagnosis.NotExplained,
        };

    /// <summary>Judges a reading that was not made.</summary>
    public static Judgement NoReading(MarkingRules rules) =>
        Unfinished(rules, Text.Marks.Reading.Missing, Text.Marks.Reading.Place);

    /// <summary>What becomes of a number that is some degrees off.</summary>
    internal static Verdict ByDegrees(double error, MarkingContext context, MarkingRules rules)
    {
        // Decimal input such as 47.1 must not fail at the border by a rounding error.
        const double RoundingAllowance = 1e-9;
        return error <= rules.Tolerance + RoundingAllowance ? Verdict.Accepted
            : error <= rules.Tolerance + context.Instrument.SmallestGraduation + RoundingAllowance
                ? Verdict.Near
            : Verdict.NotYet;
    }

    private static List<Cause> Look(
        DrawnFigure? figure,
        IReadOnlyList<InstrumentMistake> mistakes,
        out string? serious
    )
    {
        var seen = new List<Cause>();
        serious = null;
        for (int i = 0; figure is not null && i < mistakes.Count; i++)
        {
            if (
                ObservationCatalogue.Observe(mistakes[i], figure) is Flaw found
                && found.Likelihood >= ObservedFrom
            )
            {
                seen.Add(
                    new Cause(mistakes[i].Key, mistakes[i].Name, found.Likelihood, Evidence.Sheet)
                );
                serious ??= found.Serious ? mistakes[i].Key : null;
            }
        }
        return seen;
    }

    // Wrong degrees are named first. Where nothing explains them, a serious flaw of drawing may, and a small one must not.
    private static string? Name(
        Verdict byDegrees,
        List<Cause> byNumber,
        string? flaw,
        string? serious
    )
    {
        if (byDegrees == Verdict.Accepted)
        {
            return flaw;
        }
        Cause likeliest = byNumber[0];
        if (likeliest.Mistake == Diagnosis.NotExplained)
        {
            return serious ?? Diagnosis.NotExplained;
        }
        // Where two mistakes could each have led there, nothing else did.
        return likeliest.Likelihood >= Diagnosis.NamedFrom
            ? likeliest.Mistake
            : Diagnosis.NotExplained;
    }

    private static Feedback Explain(
        Verdict verdict,
        InstrumentMistake? named,
        MistakeStory story,
        MarkingRules rules
    )
    {
        if (named is not null)
        {
            Feedback feedback = ExplanationCatalogue.Of(named).Explain(story);
            return verdict == Verdict.Near && story.Figure is null
                ? feedback with
                {
                    Happened = feedback.Happened is Message happened
                        ? Text.Units.TwoSentences(Text.Marks.Reading.VeryNear, happened)
                        : Text.Marks.Reading.VeryNear,
                }
                : feedback;
        }
        if (verdict == Verdict.Accepted)
        {
            return new Feedback(
                story.Praise,
                story.Figure is null
                    ? Text.Marks.Reading.Fits(story.Answer)
                    : Text.Marks.Drawing.Fits(story.Answer)
            );
        }
        return new Feedback(
            story.Praise,
            verdict == Verdict.Near ? Text.Marks.Reading.VeryNear : Text.Marks.Reading.NotExplained,
            story.Context.IsFixed ? Text.Marks.Reading.ReadAgain : Text.Marks.Reading.PlaceAgain
        );
    }

    private static ErrorParts Split(MarkingContext context, DrawnFigure? figure, double answer)
    {
        double placing = (context.ExpectedReading ?? context.Measure) - context.Measure;
        double ruling = figure is { Value: double value, ValueAtDot: double atDot }
            ? value - atDot
            : 0;
        return new ErrorParts(placing, answer - context.Measure - placing - ruling, 0, ruling);
    }
}
