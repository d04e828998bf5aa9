using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments;

/// <summary>The instruments that ship with the product. Sizes are those of common classroom wares; common practice, no source.</summary>
public static class InstrumentCatalogue
{
    /// <summary>Half circle of clear plastic for the desk: outer scale with zero at the left, inner with zero at the right.</summary>
    public static Protractor DeskHalfCircle { get; } =
        HalfCircle("desk-half-circle", 75, inset: 7, Outer(75), Inner(75));

    /// <summary>The same for a pencil case, numbered the same way, with its zero line on a narrower predictions.</summary>
    public static Protractor PocketHalfCircle { get; } =
        HalfCircle("pocket-half-circle", 48, inset: 4, Outer(48), Inner(48));

    /// <summary>Numbered the other way round: outer scale with zero at the right, inner with zero at the left.</summary>
    public static Protractor ReversedHalfCircle { get; } =
        HalfCircle(
            "reversed-half-circle",
            75,
            inset: 7,
            FromRight("outer", OuterRadius(75)),
            FromLeft("inner", InnerRadius(75))
        );

    /// <summary>One scale, its zero at the right.</summary>
    public static Protractor OneScaleRight { get; } =
        HalfCircle("one-scale-right", 75, inset: 7, FromRight("single", OuterRadius(75)));

    /// <summary>One scale, its zero at the left.</summary>
    public static Protractor OneScaleLeft { get; } =
        HalfCircle("one-scale-left", 75, inset: 7, FromLeft("single", OuterRadius(75)));

    /// <summary>Its zero line lies well above a straight edge that carries a ruler.</summary>
    public static Protractor RulerEdge { get; } =
        HalfCircle("ruler-edge", 65, inset: 12, Outer(65), Inner(65)) with
        {
            HalfLength = 75,
            EdgeRuler = true,
        };

    /// <summary>Large and of wood, for the blackboard.</summary>
    public static Protractor BoardHalfCircle { get; } =
        HalfCircle("board-half-circle", 200, inset: 16, Outer(200), Inner(200)) with
        {
            Material = Material.Wood,
        };

    /// <summary>Full circle whose two scales start at the right and run opposite ways; they add to 360.</summary>
    public static Protractor FullCircleTwoScales { get; } =
        FullCircle(
            "full-circle",
            new Scale("outer", OuterRadius(60), 0, TurnDirection.Clockwise, 360),
            new Scale("inner", InnerRadius(60), 0, TurnDirection.Anticlockwise, 360)
        );

    /// <summary>Full circle with one scale, to follow a turn.</summary>
    public static Protractor FullCircleOneScale { get; } =
        FullCircle(
            "full-circle-one-scale",
            new Scale("single", OuterRadius(60), 0, TurnDirection.Anticlockwise, 360)
        );

    /// <summary>Raised marks to count by touch, and an arm that turns and locks.</summary>
    public static Protractor Tactile { get; } =
        HalfCircle(
            "tactile",
            80,
            inset: 8,
            FromLeft("left", OuterRadius(80)),
            FromRight("right", InnerRadius(80))
        ) with
        {
            SmallestGraduation = 5,
            LabelEvery = 0,
            Marks = GraduationMarks.Raised,
            Arm = new MovingArm(96, IsRuler: true),
        };

    /// <summary>A ruler that turns on a half circle and stays set.</summary>
    public static Protractor TurningRuler { get; } =
        HalfCircle("turning-ruler", 60, inset: 6, FromRight("single", OuterRadius(60))) with
        {
            Arm = new MovingArm(140, IsRuler: true),
        };

    /// <summary>Half a circle of paper, folded into eight equal parts: it teaches the idea and measures badly.</summary>
    public static Protractor FoldedPaper { get; } =
        HalfCircle(
            "folded-paper",
            70,
            inset: 0,
            FromLeft("left", OuterRadius(70)),
            FromRight("right", InnerRadius(70))
        ) with
        {
            SmallestGraduation = 22.5,
            LabelEvery = 0,
            Material = Material.Paper,
            Marks = GraduationMarks.Creased,
        };

    /// <summary>All instruments, the usual one first.</summary>
    public static IReadOnlyList<Protractor> All { get; } =
    [
        DeskHalfCircle,
        PocketHalfCircle,
        ReversedHalfCircle,
        OneScaleRight,
        OneScaleLeft,
        RulerEdge,
        BoardHalfCircle,
        FullCircleTwoScales,
        FullCircleOneScale,
        Tactile,
        TurningRuler,
        FoldedPaper,
    ];

    /// <summary>Those that exercises are set for.</summary>
    public static IReadOnlyList<Protractor> ForExercises { get; } = [.. All.Where(p => p.FitsDesk)];

    private const double OuterShare = 0.87;
    private const double InnerShare = 0.72;

    /// <summary>Finds an instrument by its name, or null.</summary>
    public static Protractor? Find(string? id) => All.FirstOrDefault(p => p.Id == id);

    private static Scale FromRight(string id, double radius) =>
        new(id, radius, ZeroAt: 0, TurnDirection.Anticlockwise, Extent: 180);

    private static Scale FromLeft(string id, double radius) =>
        new(id, radius, ZeroAt: 180, TurnDirection.Clockwise, Extent: 180);

    // To a hundredth of a millimetre, as everything that is kept.
    private static double OuterRadius(double edgeRadius) => Math.Round(edgeRadius * OuterShare, 2);

    private static double InnerRadius(double edgeRadius) => Math.Round(edgeRadius * InnerShare, 2);

    private static Scale Outer(double edgeRadius) => FromLeft("outer", OuterRadius(edgeRadius));

    private static Scale Inner(double edgeRadius) => FromRight("inner", InnerRadius(edgeRadius));

    private static Protractor HalfCircle(
        string id,
        double radius,
        double inset,
        params Scale[] scales
    ) =>
        new(
            id,
            id,
            ProtractorShape.HalfCircle,
            radius,
            HalfLength: radius + 1,
            inset,
            SmallestGraduation: 1,
            scales
        );

    private static Protractor FullCircle(string id, params Scale[] scales) =>
        new(
            id,
            id,
            ProtractorShape.FullCircle,
            EdgeRadius: 60,
            HalfLength: 60,
            Inset: 0,
            SmallestGraduation: 1,
            scales
        );
}
