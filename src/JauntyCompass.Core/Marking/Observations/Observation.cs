namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What looking at a drawing shows of one mistake.</summary>
/// <param name="Amount">How much of it there is, in mm, or 1 for a plain fact.</param>
/// <param name="Likelihood">Probability that it is more than the hand's own noise, 0 to 1.</param>
/// <param name="Serious">Whether the drawing cannot stand with it, even at the right number of degrees.</param>
public readonly record struct Flaw(double Amount, double Likelihood, bool Serious);

/// <summary>What is to be seen of mistakes in a drawing.</summary>
public abstract class DrawingObservation
{
    /// <summary>The mistake.</summary>
    internal abstract InstrumentMistake OfMistake { get; }

    /// <summary>Looks for the mistake on a drawing. Null: what it would be seen on is not there, or is not known.</summary>
    public abstract Flaw? Observe(DrawnFigure figure);
}

/// <summary>What is to be seen of one mistake in a drawing.</summary>
/// <typeparam name="TMistake">The mistake.</typeparam>
public abstract class DrawingObservation<TMistake> : DrawingObservation
    where TMistake : InstrumentMistake
{
    internal sealed override InstrumentMistake OfMistake => MistakeCatalogue.Get<TMistake>();
}

/// <summary>What is to be seen of mistakes in how the instrument lies.</summary>
public abstract class PlacingObservation
{
    /// <summary>The mistake.</summary>
    internal abstract InstrumentMistake OfMistake { get; }

    /// <summary>
    /// The probability, 0 to 1, that there is more of the mistake than the hand's own noise. Null: it is not known how the instrument lies.
    /// </summary>
    public abstract double? Observe(MarkingContext context);
}

/// <summary>What is to be seen of one mistake in how the instrument lies.</summary>
/// <typeparam name="TMistake">The mistake.</typeparam>
public abstract class PlacingObservation<TMistake> : PlacingObservation
    where TMistake : InstrumentMistake
{
    internal sealed override InstrumentMistake OfMistake => MistakeCatalogue.Get<TMistake>();
}
