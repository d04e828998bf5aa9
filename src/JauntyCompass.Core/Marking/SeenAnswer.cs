using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Observations;
using JauntyCompass.Core.Marking.Predictions;

namespace JauntyCompass.Core.Marking;

/// <summary>
/// A number of degrees that was given or drawn, and how likely it is when one mistake was made, when two were, and when none was; for
/// each hand of <see cref="HandModel"/>.
/// </summary>
/// <param name="context">The true context.</param>
/// <param name="figure">The drawing, when one was made.</param>
/// <param name="answer">What came out, in degrees.</param>
internal sealed class SeenAnswer(MarkingContext context, DrawnFigure? figure, double answer)
{
    // How far a ray strays from its dot in a careful hand: standard deviation in degrees. Common practice, no source.
    private const double RulingNoise = 1.2;

    // A dot at the end of a scale may lie so far beyond it, in degrees. Common practice, no source.
    private const double BesideScale = 1.5;

    // How often work without a habit still shows a given flaw. Common practice, no source.
    private const double UsualFlaw = 0.05;

    private double[]? _careful;

    /// <summary>Likelihood of careful work with an instrument laid well.</summary>
    internal ReadOnlySpan<double> Careful
    {
        get
        {
            if (_careful is null)
            {
                _careful = new double[HandModel.Count];
                AddFrom(context.Measure, 1, _careful);
            }
            return _careful;
        }
    }

    /// <summary>Likelihood when nothing is known of how it came about. Whatever happened, the ray mostly runs by its dot.</summary>
    internal void Unexplained(Span<double> likelihoods)
    {
        double ruled = figure?.ValueAtDot is null ? 1 : Ruled(2 * RulingNoise);
        HandModel.Anywhere(
            answer,
            isWritten: figure is null,
            context.FullScale / ruled,
            likelihoods
        );
    }

    /// <summary>Where a mistake would lead to here.</summary>
    internal void Predict(InstrumentMistake mistake, ref Outcomes outcomes) =>
        Predict(mistake, context, ref outcomes);

    /// <summary>Adds the likelihood if a mistake led to where it would lead to.</summary>
    /// <param name="mistake">The mistake.</param>
    /// <param name="outcomes">What it would lead to.</param>
    /// <param name="weight">What it counts.</param>
    /// <param name="likelihoods">One for each hand; added to.</param>
    /// <remarks>
    /// In a drawing with a dot two things are seen: where the dot stands, which is the number, and how the ray strays from it, which is
    /// the straightedge. A mistake with numbers moves the dot, one of ruling moves the ray.
    /// </remarks>
    internal void AddOf(
        InstrumentMistake mistake,
        in Outcomes outcomes,
        double weight,
        Span<double> likelihoods
    )
    {
        // Who takes another number makes a dot at that number, and not where the instrument has none.
        if (
            figure is not null
            && !mistake.IsOfRuling
            && !mistake.IsOfPlacing
            && (figure.ValueAtDot ?? answer) > context.FullScale + BesideScale
        )
        {
            return;
        }
        if (figure?.ValueAtDot is not double atDot)
        {
            AddLed(answer, outcomes, weight, likelihoods);
        }
        else if (mistake.IsOfRuling)
        {
            AddLed(answer, outcomes, weight * Ruled(atDot - context.StartingNumber), likelihoods);
        }
        else
        {
            AddLed(atDot, outcomes, weight * Ruled(answer - atDot), likelihoods);
        }
    }

    /// <summary>
    /// Adds the likelihood if a mistake was made, by where it leads to and by what is to be seen of it; says whether it can show in
    /// either.
    /// </summary>
    internal bool AddGiven(InstrumentMistake mistake, double tolerance, Span<double> likelihoods)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        Predict(mistake, ref outcomes);
        double? seen = Observed(mistake);
        if (outcomes.Count == 0 ? seen is null : ComesToTheSame(mistake, outcomes))
        {
            return false;
        }
        // Whether a flaw is to be seen says as much as a number would, also that none is.
        if (outcomes.Count == 0)
        {
            AddAsItStands(Weight(seen), likelihoods);
            return true;
        }
        AddOf(mistake, outcomes, Weight(seen), likelihoods);
        if (seen is null && LeadsOut(outcomes, tolerance))
        {
            // What was accepted never speaks for a mistake that would not have been.
            ReadOnlySpan<double> careful = Careful;
            for (int hand = 0; hand < careful.Length; hand++)
            {
                likelihoods[hand] = Math.Min(likelihoods[hand], careful[hand]);
            }
        }
        return true;
    }

    private bool LeadsOut(in Outcomes outcomes, double tolerance)
    {
        bool leads = Math.Abs(answer - context.Measure) <= tolerance;
        for (int i = 0; leads && i < outcomes.Count; i++)
        {
            leads = Math.Abs(outcomes[i].Degrees - context.Measure) > tolerance;
        }
        return leads;
    }

    // At 90° both scales have their number at the same graduation: who takes the other one is not to be told from who does not.
    private bool ComesToTheSame(InstrumentMistake mistake, in Outcomes outcomes)
    {
        const double Same = 0.5;
        double careful = context.ExpectedReading ?? context.Measure;
        bool same = !mistake.IsOfPlacing && !mistake.IsOfRuling;
        for (int i = 0; same && i < outcomes.Count; i++)
        {
            same = outcomes[i].Spread == 0 && Math.Abs(outcomes[i].Degrees - careful) < Same;
        }
        return same;
    }

    /// <summary>
    /// Adds the likelihood if two mistakes were both made, in whichever order. What is to be seen of each is seen beside what is seen of
    /// the other, but for two that leave the centre mark off the vertex, which are one sight; where the work leads to is told by those
    /// that lead anywhere. Returns whether one number was made wrong twice.
    /// </summary>
    internal bool AddGiven(InstrumentMistake one, InstrumentMistake other, Span<double> likelihoods)
    {
        (double ofOne, double ofOther) = (Weight(Observed(one)), Weight(Observed(other)));
        bool oneSight = one.LeavesCentreOff && other.LeavesCentreOff;
        return AddLed(one, other, oneSight ? (ofOne + ofOther) / 2 : ofOne * ofOther, likelihoods);
    }

    private bool AddLed(
        InstrumentMistake one,
        InstrumentMistake other,
        double weight,
        Span<double> likelihoods
    )
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        Span<Outcome> otherRoom = stackalloc Outcome[Outcomes.Most];
        var ofOne = new Outcomes(room);
        var ofOther = new Outcomes(otherRoom);
        Predict(one, ref ofOne);
        Predict(other, ref ofOther);
        if (ofOne.Count == 0 && ofOther.Count == 0)
        {
            AddAsItStands(weight, likelihoods);
        }
        else if (ofOther.Count == 0)
        {
            AddOf(one, ofOne, weight, likelihoods);
        }
        else if (ofOne.Count == 0)
        {
            AddOf(other, ofOther, weight, likelihoods);
        }
        else if (figure?.ValueAtDot is double atDot && one.IsOfRuling != other.IsOfRuling)
        {
            // The number moved the dot, and the ruling accounts for how the ray strays from it.
            AddLed(atDot, one.IsOfRuling ? ofOther : ofOne, weight * Ruled(0), likelihoods);
        }
        else if (context.IsLaid && one.IsOfPlacing != other.IsOfPlacing)
        {
            // What is read or dotted sets out from how the instrument lies, well or not.
            if (one.IsOfPlacing)
            {
                AddOf(other, ofOther, weight, likelihoods);
            }
            else
            {
                AddOf(one, ofOne, weight, likelihoods);
            }
        }
        else if (figure is not null && (one.IsOfRuling || one.IsOfPlacing))
        {
            AddOf(one, ofOne, weight / 2, likelihoods);
            AddOf(other, ofOther, weight / 2, likelihoods);
        }
        else
        {
            AddOnTop(one, other, weight / 2, likelihoods);
            AddOnTop(other, one, weight / 2, likelihoods);
            return true;
        }
        return false;
    }

    private void AddOnTop(
        InstrumentMistake first,
        InstrumentMistake then,
        double share,
        Span<double> likelihoods
    )
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        Span<Outcome> more = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        Predict(first, ref outcomes);
        double all = outcomes.Weight;
        for (int i = 0; i < outcomes.Count; i++)
        {
            var final = new Outcomes(more);
            Predict(then, context.WithNumber(outcomes[i].Degrees), ref final);
            if (final.Count == 0)
            {
                // Where the second cannot show any more, the first has the last word.
                final.Add(outcomes[i].Degrees, outcomes[i].Spread);
            }
            AddOf(then, final, share * outcomes[i].Weight / all, likelihoods);
        }
    }

    private void Predict(InstrumentMistake mistake, MarkingContext from, ref Outcomes outcomes)
    {
        outcomes.Clear();
        // What was never laid on was not laid on wrongly either.
        if (!context.NeverLaid || !mistake.IsOfPlacing)
        {
            PredictionCatalogue.Predict(mistake, from, figure, ref outcomes);
        }
    }

    /// <summary>
    /// How much likelier the instrument lay as it did if a mistake was made in laying it than of a hand without it; 1 for other mistakes.
    /// </summary>
    internal double SeenInPlacing(InstrumentMistake mistake) =>
        mistake.IsOfPlacing ? Weight(ObservationCatalogue.Observe(mistake, context)) : 1;

    private double? Observed(InstrumentMistake mistake) =>
        (figure is null ? null : ObservationCatalogue.Observe(mistake, figure)?.Likelihood)
        ?? ObservationCatalogue.Observe(mistake, context);

    // How much likelier work with such a flaw is when the flaw was made than of a hand without the habit, which makes it now and
    // again. Clean work speaks against it.
    private static double Weight(double? observed) =>
        observed is double flaw ? flaw / ((1 - UsualFlaw) * (1 - flaw) + UsualFlaw * flaw) : 1;

    // Careful from there on, however the instrument lies.
    private void AddAsItStands(double weight, Span<double> likelihoods) =>
        AddFrom(context.ExpectedReading ?? context.Measure, weight, likelihoods);

    private void AddFrom(double right, double weight, Span<double> likelihoods)
    {
        if (figure?.ValueAtDot is double atDot)
        {
            Add(atDot, right, 0, weight * Ruled(answer - atDot), true, likelihoods);
        }
        else
        {
            Add(answer, right, 0, weight, true, likelihoods);
        }
    }

    private void AddLed(
        double number,
        in Outcomes outcomes,
        double weight,
        Span<double> likelihoods
    )
    {
        double all = outcomes.Weight;
        for (int i = 0; i < outcomes.Count; i++)
        {
            Outcome outcome = outcomes[i];
            Add(
                number,
                outcome.Degrees,
                outcome.Spread,
                weight * outcome.Weight / all,
                false,
                likelihoods
            );
        }
    }

    private void Add(
        double number,
        double aim,
        double spread,
        double weight,
        bool isRight,
        Span<double> likelihoods
    )
    {
        if (figure is null)
        {
            HandModel.AddWritten(number, aim, spread, weight, isRight, likelihoods);
        }
        else
        {
            HandModel.AddDrawn(number, aim, spread, weight, likelihoods);
        }
    }

    private static double Ruled(double strayed) =>
        Normal.Density(strayed, RulingNoise * RulingNoise);
}
