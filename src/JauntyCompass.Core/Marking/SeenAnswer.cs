namespace JauntyCompass.Core.Marking;

/// <summary>
/// A number of degrees that was given or drawn, and how likely it is when one mistake was made, when two were, and when none was.
/// Densities a degree.
/// </summary>
/// <param name="situation">The true situation.</param>
/// <param name="figure">The drawing, when one was made.</param>
/// <param name="answer">What came out, in degrees.</param>
internal sealed class SeenAnswer(Situation situation, DrawnFigure? figure, double answer)
{
    // How finely a hand and eye read when nothing else goes wrong: standard deviation in degrees. Common practice, no source.
    private const double ReadingNoise = 1.0;

    // How far a ray strays from its dot in a careful hand: standard deviation in degrees. Common practice, no source.
    private const double RulingNoise = 1.2;

    // How often work without a habit still shows a given flaw. Common practice, no source.
    private const double UsualFlaw = 0.05;

    /// <summary>Likelihood of careful work with an instrument laid well.</summary>
    internal double Careful => CarefulFrom(situation.Measure);

    /// <summary>Likelihood when nothing is known of how it came about. Whatever happened, the ray mostly runs by its dot.</summary>
    internal double Unexplained =>
        (figure?.ValueAtDot is null ? 1 : Ruled(2 * RulingNoise)) / situation.FullScale;

    // Careful from there on, however the instrument lies.
    private double AsItStands => CarefulFrom(situation.Careful ?? situation.Measure);

    /// <summary>Where a mistake would lead to here.</summary>
    internal void Foretell(Mistake mistake, ref Outcomes outcomes) =>
        Foretell(mistake, situation, ref outcomes);

    /// <summary>Likelihood if a mistake led to where it would lead to.</summary>
    /// <param name="mistake">The mistake.</param>
    /// <param name="outcomes">What it would lead to.</param>
    /// <remarks>
    /// In a drawing with a dot two things are seen: where the dot stands, which is the number, and how the ray strays from it, which is
    /// the straightedge. A mistake with numbers moves the dot, one of ruling moves the ray.
    /// </remarks>
    internal double Of(Mistake mistake, in Outcomes outcomes)
    {
        if (figure?.ValueAtDot is not double atDot)
        {
            return Density(answer, outcomes);
        }
        return mistake.IsOfRuling
            ? Density(answer, outcomes) * Ruled(atDot - situation.Seen)
            : Density(atDot, outcomes) * Ruled(answer - atDot);
    }

    /// <summary>
    /// Likelihood if a mistake was made, by where it leads to and by what is to be seen of it; null where it can show in neither.
    /// </summary>
    internal double? Given(Mistake mistake)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        Foretell(mistake, ref outcomes);
        double? seen = Observed(mistake);
        if (outcomes.Count == 0 ? seen is null : ComesToTheSame(mistake, outcomes))
        {
            return null;
        }
        // Whether a flaw is to be seen says as much as a number would, also that none is.
        double led = outcomes.Count > 0 ? Of(mistake, outcomes) : AsItStands;
        return Weight(seen) * led;
    }

    // At 90° both scales have their number at the same graduation: who takes the other one is not to be told from who does not.
    private bool ComesToTheSame(Mistake mistake, in Outcomes outcomes)
    {
        const double Same = 0.5;
        double careful = situation.Careful ?? situation.Measure;
        bool same = !mistake.IsOfPlacing && !mistake.IsOfRuling;
        for (int i = 0; same && i < outcomes.Count; i++)
        {
            same = outcomes[i].Spread == 0 && Math.Abs(outcomes[i].Degrees - careful) < Same;
        }
        return same;
    }

    /// <summary>
    /// Likelihood if two mistakes were both made, in whichever order. What is to be seen of each is seen beside what is seen of the
    /// other, but for two that leave the centre mark off the vertex, which are one sight; where the work leads to is told by those
    /// that lead anywhere.
    /// </summary>
    internal double Given(Mistake one, Mistake other)
    {
        (double ofOne, double ofOther) = (Weight(Observed(one)), Weight(Observed(other)));
        bool oneSight = one.LeavesCentreOff && other.LeavesCentreOff;
        return Led(one, other) * (oneSight ? (ofOne + ofOther) / 2 : ofOne * ofOther);
    }

    private double Led(Mistake one, Mistake other)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        Span<Outcome> otherRoom = stackalloc Outcome[Outcomes.Most];
        var ofOne = new Outcomes(room);
        var ofOther = new Outcomes(otherRoom);
        Foretell(one, ref ofOne);
        Foretell(other, ref ofOther);
        if (ofOne.Count == 0 || ofOther.Count == 0)
        {
            return ofOne.Count > 0 ? Of(one, ofOne)
                : ofOther.Count > 0 ? Of(other, ofOther)
                : AsItStands;
        }
        if (figure?.ValueAtDot is double atDot && one.IsOfRuling != other.IsOfRuling)
        {
            // The number moved the dot, and the ruling accounts for how the ray strays from it.
            return Density(atDot, one.IsOfRuling ? ofOther : ofOne) * Ruled(0);
        }
        if (situation.IsLaid && one.IsOfPlacing != other.IsOfPlacing)
        {
            // What is read or dotted sets out from how the instrument lies, well or not.
            return one.IsOfPlacing ? Of(other, ofOther) : Of(one, ofOne);
        }
        return figure is not null && (one.IsOfRuling || one.IsOfPlacing)
            ? (Of(one, ofOne) + Of(other, ofOther)) / 2
            : (OnTop(one, other) + OnTop(other, one)) / 2;
    }

    private double OnTop(Mistake first, Mistake then)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        Span<Outcome> more = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        Foretell(first, ref outcomes);
        double sum = 0;
        double weight = 0;
        for (int i = 0; i < outcomes.Count; i++)
        {
            var final = new Outcomes(more);
            Foretell(then, situation.Having(outcomes[i].Degrees), ref final);
            if (final.Count == 0)
            {
                // Where the second cannot show any more, the first has the last word.
                final.Add(outcomes[i].Degrees, outcomes[i].Spread);
            }
            sum += outcomes[i].Weight * Of(then, final);
            weight += outcomes[i].Weight;
        }
        return weight == 0 ? 0 : sum / weight;
    }

    private void Foretell(Mistake mistake, Situation from, ref Outcomes outcomes)
    {
        outcomes.Clear();
        // A drawing says whether the instrument was laid on; with neither a placement nor a dot it was not, and so not wrongly either.
        bool neverLaid = figure is { Dot: null } && !situation.IsLaid;
        if (!neverLaid || !mistake.IsOfPlacing)
        {
            mistake.Predict(from, figure, ref outcomes);
        }
    }

    private double? Observed(Mistake mistake) =>
        (figure is null ? null : mistake.Observe(figure)?.Likelihood)
        ?? mistake.SeenInPlacing(situation);

    // How much likelier work with such a flaw is when the flaw was made than of a hand without the habit, which makes it now and
    // again. Clean work speaks against it.
    private static double Weight(double? observed) =>
        observed is double flaw ? flaw / ((1 - UsualFlaw) * (1 - flaw) + UsualFlaw * flaw) : 1;

    private double CarefulFrom(double right)
    {
        var outcome = new Outcome(right, 0);
        return figure?.ValueAtDot is double atDot
            ? Density(atDot, outcome) * Ruled(answer - atDot)
            : Density(answer, outcome);
    }

    private static double Ruled(double strayed) => Density(strayed, 0, RulingNoise * RulingNoise);

    private static double Density(double answer, in Outcomes outcomes)
    {
        double sum = 0;
        double weight = 0;
        for (int i = 0; i < outcomes.Count; i++)
        {
            sum += outcomes[i].Weight * Density(answer, outcomes[i]);
            weight += outcomes[i].Weight;
        }
        return weight == 0 ? 0 : sum / weight;
    }

    private static double Density(double answer, Outcome outcome)
    {
        double variance = ReadingNoise * ReadingNoise + outcome.Spread * outcome.Spread;
        return Density(answer, outcome.Degrees, variance);
    }

    private static double Density(double value, double mean, double variance)
    {
        double off = value - mean;
        return Math.Exp(-off * off / (2 * variance)) / Math.Sqrt(2 * Math.PI * variance);
    }
}
