using JauntyCompass.Core.Marking;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary>How each mistake is made again on the sheet, by the mistake. Those that are not made on one have none.</summary>
public static class ReplayCatalogue
{
    private static readonly MeasuringReplay?[] OfMeasuring =
        MistakeCatalogue.ByPlace<MeasuringReplay>(
            r => r.OfMistake,
            new BorrowSlipReplay(),
            new CentreMarkOffReplay(),
            new CountedGraduationsReplay(),
            new EndOfEdgeAtVertexReplay(),
            new GraduationsAsTwoOrFiveReplay(),
            new LeftOutHalfTurnReplay(),
            new OnlyScaleOtherWayReplay(),
            new OtherScaleReplay(),
            new SmallerForReflexReplay(),
            new StartNotSubtractedReplay(),
            new StraightEdgeForZeroLineReplay(),
            new SwappedDigitsReplay(),
            new TenFromOtherScaleReplay(),
            new TicksBackwardsReplay(),
            new WrongTenReplay(),
            new ZeroLineOffReplay()
        );

    private static readonly DrawingReplay?[] OfDrawing = MistakeCatalogue.ByPlace<DrawingReplay>(
        r => r.OfMistake,
        new ArcInOtherOpeningDrawingReplay(),
        new ArmTooShortDrawingReplay(),
        new ComplementForSupplementDrawingReplay(),
        new GapAtVertexDrawingReplay(),
        new MissedOwnDotDrawingReplay(),
        new OnlyScaleOtherWayDrawingReplay(),
        new OpensWrongWayDrawingReplay(),
        new OtherScaleDrawingReplay(),
        new RanOnBehindVertexDrawingReplay(),
        new WrongTenDrawingReplay()
    );

    /// <summary>How a mistake is made again in measuring, or null.</summary>
    public static MeasuringReplay? Measuring(Mistake mistake) => OfMeasuring[mistake.Place];

    /// <summary>How a mistake is made again in drawing, or null.</summary>
    public static DrawingReplay? Drawing(Mistake mistake) => OfDrawing[mistake.Place];
}
