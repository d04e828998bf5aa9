namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of each mistake, by the mistake. Most are told by the answer alone, and have none.</summary>
public static class ObservationCatalogue
{
    private static readonly DrawingObservation?[] InDrawings =
        MistakeCatalogue.ByPlace<DrawingObservation>(
            o => o.OfMistake,
            new ArcInOtherOpeningObservation(),
            new ArcMissingObservation(),
            new ArmTooShortObservation(),
            new FreehandLineObservation(),
            new GapAtVertexObservation(),
            new MissedOwnDotObservation(),
            new OpensWrongWayObservation(),
            new RanOnBehindVertexObservation(),
            new ThickDotObservation()
        );

    private static readonly PlacingObservation?[] InPlacing =
        MistakeCatalogue.ByPlace<PlacingObservation>(
            o => o.OfMistake,
            new CentreMarkOffObservation(),
            new EndOfEdgeAtVertexObservation(),
            new MovedBeforeDotObservation(),
            new StraightEdgeForZeroLineObservation(),
            new ZeroLineOffObservation()
        );

    /// <summary>Looks for a mistake on a drawing. Null: not a thing that can be seen, or not known.</summary>
    public static Flaw? Observe(InstrumentMistake mistake, DrawnFigure figure) =>
        InDrawings[mistake.Place]?.Observe(figure);

    /// <summary>
    /// Looks for a mistake in how the instrument lies: the probability, 0 to 1, that it is more than the hand's own noise. Null: no mistake
    /// of laying it on, or not known how it lies.
    /// </summary>
    public static double? Observe(InstrumentMistake mistake, MarkingContext context) =>
        InPlacing[mistake.Place]?.Observe(context);
}
