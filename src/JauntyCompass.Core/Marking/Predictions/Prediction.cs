using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where mistakes of work with an instrument lead to.</summary>
public abstract class InstrumentPrediction
{
    /// <summary>The mistake.</summary>
    internal abstract InstrumentMistake OfMistake { get; }

    /// <summary>Adds the answers the mistake would give. One that cannot show here adds none.</summary>
    /// <param name="context">The true context.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="outcomes">Where to add them.</param>
    public abstract void Predict(
        MarkingContext context,
        DrawnFigure? figure,
        ref Outcomes outcomes
    );
}

/// <summary>Where one mistake of work with an instrument leads to.</summary>
/// <typeparam name="TMistake">The mistake.</typeparam>
public abstract class InstrumentPrediction<TMistake> : InstrumentPrediction
    where TMistake : InstrumentMistake
{
    internal sealed override InstrumentMistake OfMistake => Mistake;

    /// <summary>The mistake.</summary>
    protected static TMistake Mistake => MistakeCatalogue.Get<TMistake>();
}

/// <summary>Where mistakes in sums of one type lead to.</summary>
/// <typeparam name="TSum">The type of sum.</typeparam>
public abstract class SumPrediction<TSum>
    where TSum : ISum
{
    /// <summary>The mistake.</summary>
    internal abstract SumMistake<TSum> OfMistake { get; }

    /// <summary>What the sum would come to, in degrees. A mistake that cannot be made in it gives nothing.</summary>
    public abstract IReadOnlyList<double> Predict(TSum sum);
}

/// <summary>Where one mistake in sums of one type leads to.</summary>
/// <typeparam name="TMistake">The mistake.</typeparam>
/// <typeparam name="TSum">The type of sum.</typeparam>
public abstract class SumPrediction<TMistake, TSum> : SumPrediction<TSum>
    where TMistake : SumMistake<TSum>
    where TSum : ISum
{
    internal sealed override SumMistake<TSum> OfMistake => MistakeCatalogue.Get<TMistake>();
}

/// <summary>Names as mistakes make them.</summary>
public abstract class NamePrediction
{
    /// <summary>The mistake.</summary>
    internal abstract NamingMistake OfMistake { get; }

    /// <summary>A name as the mistake makes it; null where it cannot be made.</summary>
    public abstract AngleName? Predict(AngleToName angle);
}

/// <summary>Names as one mistake makes them.</summary>
/// <typeparam name="TMistake">The mistake.</typeparam>
public abstract class NamePrediction<TMistake> : NamePrediction
    where TMistake : NamingMistake
{
    internal sealed override NamingMistake OfMistake => MistakeCatalogue.Get<TMistake>();
}
