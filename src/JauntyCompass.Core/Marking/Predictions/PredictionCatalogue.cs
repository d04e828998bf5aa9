using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>What each mistake leads to, by the mistake. One that leads to no answer of its own has none.</summary>
public static class PredictionCatalogue
{
    private static readonly InstrumentPrediction?[] OfInstrument =
        MistakeCatalogue.ByPlace<InstrumentPrediction>(
            p => p.OfMistake,
            new CentreMarkOffPrediction(),
            new ComplementForSupplementPrediction(),
            new CountedGraduationsPrediction(),
            new DrewByEyePrediction(),
            new EndOfEdgeAtVertexPrediction(),
            new FreehandLinePrediction(),
            new GapAtVertexPrediction(),
            new GraduationsAsTwoOrFivePrediction(),
            new GuessedCrossingPrediction(),
            new LaidOffPrediction(),
            new MissedOwnDotPrediction(),
            new MovedBeforeDotPrediction(),
            new OnlyScaleOtherWayPrediction(),
            new OtherScalePrediction(),
            new SlipOfTheEyePrediction(),
            new StartNotSubtractedPrediction(),
            new StraightEdgeForZeroLinePrediction(),
            new SwappedDigitsPrediction(),
            new TenFromOtherScalePrediction(),
            new TicksBackwardsPrediction(),
            new WrongStartingArmPrediction(),
            new WrongTenPrediction(),
            new ZeroLineOffPrediction()
        );

    private static readonly SumPrediction<ReflexSum>?[] OfReflex = MistakeCatalogue.ByPlace<
        SumPrediction<ReflexSum>
    >(
        p => p.OfMistake,
        new BorrowSlipPrediction(),
        new LeftOutHalfTurnPrediction(),
        new SmallerForReflexPrediction()
    );

    private static readonly SumPrediction<RangeSum>?[] OfRange = MistakeCatalogue.ByPlace<
        SumPrediction<RangeSum>
    >(p => p.OfMistake, new AddedForTakenPrediction(), new EndForRangePrediction());

    private static readonly NamePrediction?[] OfNames = MistakeCatalogue.ByPlace<NamePrediction>(
        p => p.OfMistake,
        new AmbiguousLetterPrediction(),
        new OtherArmsPrediction(),
        new TwoLettersPrediction(),
        new VertexNotInTheMiddlePrediction()
    );

    /// <summary>Adds the answers a mistake would give in work with an instrument. One that cannot show there adds none.</summary>
    /// <param name="mistake">The mistake.</param>
    /// <param name="context">The true context.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="outcomes">Where to add them.</param>
    public static void Predict(
        InstrumentMistake mistake,
        MarkingContext context,
        DrawnFigure? figure,
        ref Outcomes outcomes
    ) => OfInstrument[mistake.Place]?.Predict(context, figure, ref outcomes);

    /// <summary>What a sum would come to with a mistake, in degrees; nothing where it cannot be made in it.</summary>
    public static IReadOnlyList<double> Predict<TSum>(SumMistake<TSum> mistake, TSum sum)
        where TSum : ISum => Of<TSum>()[mistake.Place]?.Predict(sum) ?? [];

    /// <summary>A name as a mistake makes it; null where it cannot be made.</summary>
    public static AngleName? Predict(NamingMistake mistake, AngleToName angle) =>
        OfNames[mistake.Place]?.Predict(angle);

    private static SumPrediction<TSum>?[] Of<TSum>()
        where TSum : ISum =>
        OfReflex as SumPrediction<TSum>?[]
        ?? OfRange as SumPrediction<TSum>?[]
        ?? throw new NotSupportedException($"No mistake is known in sums of type {typeof(TSum)}.");
}
