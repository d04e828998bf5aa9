using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How each mistake is explained, by the mistake. Every one is.</summary>
public static class ExplanationCatalogue
{
    private static readonly Explanation<MistakeStory>?[] OfWork = MistakeCatalogue.ByPlace<
        Explanation<MistakeStory>
    >(
        e => e.OfMistake,
        new ArcInOtherOpeningExplanation(),
        new ArcMissingExplanation(),
        new ArmTooShortExplanation(),
        new CentreMarkOffExplanation(),
        new ComplementForSupplementExplanation(),
        new CountedGraduationsExplanation(),
        new DrewByEyeExplanation(),
        new EndOfEdgeAtVertexExplanation(),
        new FreehandLineExplanation(),
        new GapAtVertexExplanation(),
        new GraduationsAsTwoOrFiveExplanation(),
        new GuessedCrossingExplanation(),
        new LaidOffExplanation(),
        new MissedOwnDotExplanation(),
        new MovedBeforeDotExplanation(),
        new OnlyScaleOtherWayExplanation(),
        new OpensWrongWayExplanation(),
        new OtherScaleExplanation(),
        new RanOnBehindVertexExplanation(),
        new SlipOfTheEyeExplanation(),
        new StartNotSubtractedExplanation(),
        new StraightEdgeForZeroLineExplanation(),
        new SwappedDigitsExplanation(),
        new TenFromOtherScaleExplanation(),
        new ThickDotExplanation(),
        new TicksBackwardsExplanation(),
        new WrongStartingArmExplanation(),
        new WrongTenExplanation(),
        new ZeroLineOffExplanation()
    );

    private static readonly Explanation<SumContext>?[] OfSums = MistakeCatalogue.ByPlace<
        Explanation<SumContext>
    >(
        e => e.OfMistake,
        new AddedForTakenExplanation(),
        new BorrowSlipExplanation(),
        new EndForRangeExplanation(),
        new LeftOutHalfTurnExplanation(),
        new SmallerForReflexExplanation()
    );

    private static readonly Explanation<NoContext>?[] OfThinking = MistakeCatalogue.ByPlace<
        Explanation<NoContext>
    >(
        e => e.OfMistake,
        new AddedEqualExplanation(),
        new AmbiguousLetterExplanation(),
        new BenchmarkByEyeExplanation(),
        new ComparedDifferencesExplanation(),
        new CutOffExplanation(),
        new DividedWrongWayExplanation(),
        new FromRulersEdgeExplanation(),
        new GaveXExplanation(),
        new HourHandNotMovedExplanation(),
        new InstrumentIdeaExplanation(),
        new KindAgainstNumberExplanation(),
        new LongerArmsExplanation(),
        new LooksRightExplanation(),
        new LooksSimilarExplanation(),
        new MinutesAsDegreesExplanation(),
        new MixedUpKindsExplanation(),
        new NameOneWayOnlyExplanation(),
        new NotPutBackExplanation(),
        new OtherArmsExplanation(),
        new OtherOpeningExplanation(),
        new OtherPartExplanation(),
        new RatioUpsideDownExplanation(),
        new ReflexArcInsideExplanation(),
        new SetEqualExplanation(),
        new SidesOutOfOrderExplanation(),
        new SignKeptExplanation(),
        new ThirdAngleExplanation(),
        new TiltedRightAngleExplanation(),
        new TwoLettersExplanation(),
        new UnitsMixedExplanation(),
        new VertexNotInTheMiddleExplanation(),
        new WrongWholeExplanation()
    );

    private static readonly Explanation<ConstructionReading>?[] OfConstruction =
        MistakeCatalogue.ByPlace<Explanation<ConstructionReading>>(
            e => e.OfMistake,
            new ArcsTooShortExplanation(),
            new NeedleOffExplanation(),
            new NoArcsExplanation(),
            new OpeningChangedExplanation(),
            new UnlikeOpeningsExplanation(),
            new UnsteadyConstructionExplanation(),
            new WrongCrossingExplanation()
        );

    /// <summary>How a mistake is explained.</summary>
    public static Explanation<TContext> Of<TContext>(Mistake<TContext> mistake) =>
        (
            OfWork as Explanation<TContext>?[]
            ?? OfSums as Explanation<TContext>?[]
            ?? OfThinking as Explanation<TContext>?[]
            ?? OfConstruction as Explanation<TContext>?[]
        )?[mistake.Place]
        ?? throw new ArgumentException($"'{mistake.Key}' is not explained.", nameof(mistake));
}
