using JauntyCompass.Core.Demonstrations.Algebra;
using JauntyCompass.Core.Demonstrations.Clocks;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Core.Demonstrations.Drawing;
using JauntyCompass.Core.Demonstrations.Estimating;
using JauntyCompass.Core.Demonstrations.Figures;
using JauntyCompass.Core.Demonstrations.Lesson;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Demonstrations.Naming;
using JauntyCompass.Core.Demonstrations.Outlines;
using JauntyCompass.Core.Demonstrations.Reflex;
using JauntyCompass.Core.Demonstrations.Triangles;
using JauntyCompass.Core.Demonstrations.WentWrong;
using JauntyCompass.Core.Demonstrations.WentWrong.Constructed;
using JauntyCompass.Core.Demonstrations.WentWrong.Explained;
using JauntyCompass.Core.Lessons;

namespace JauntyCompass.Core.Demonstrations;

/// <summary>All demonstrations of the Board's list. A new one is registered here and nowhere else.</summary>
public static class DemonstrationCatalogue
{
    /// <summary>Every demonstration, in the order of a course.</summary>
    public static IReadOnlyList<Demonstration> All { get; } =
    [
        LessonQuestions.AtTheBeginning,
        LessonQuestions.AtTheEnd,
        new QuickRound(),
        new PartsOfAnAngle(),
        new NamingAngles(),
        new KindsOfAngle(),
        new RightAngleBox(),
        new OutlineCorners(),
        new EstimateAngle(),
        new WhichIsLarger(),
        new WhichIsExactly(),
        new MeasureAngle(),
        new MeasureFromBothArms(),
        new TraceShortArms(),
        new InBetweenGraduations(),
        new CountFromNinety(),
        new CountBack(),
        new NotFromZero(),
        new RangeBetween(),
        new TriangleAngles(),
        new FourCornerAngles(),
        new FullCircleTurn(),
        new ClockHands(),
        new MeasureByTouch(),
        new DrawAngle(),
        new DrawStraightAngle(),
        new DrawRightAngle(),
        new DrawSupplement(),
        new DrawWithTurningRuler(),
        new DrawByTouch(),
        new MeasureReflex(ReflexMethod.From360),
        new MeasureReflex(ReflexMethod.AddTo180),
        new MeasureReflex(ReflexMethod.FullCircle),
        new ReflexTwoWays(),
        new DrawReflex(ReflexMethod.From360),
        new DrawReflex(ReflexMethod.AddTo180),
        new DrawReflex(ReflexMethod.FullCircle),
        new BisectAngle(),
        new CopyAngle(),
        new BuildAngle(),
        new RightAngleAtPoint(),
        new HalvesOfHalves(),
        new PartsByAlgebra(),
        new MissingThirdAngle(),
        new SimilarByAngles(),
        new RulersZero(),
        new CompareRatios(),
        new DrawSimilarTriangles(),
        .. ReplayDemonstrations.All,
        new GuessedCrossing(),
        new KindAgainstNumber(),
        new LongerArms(),
        new TiltedRightAngle(),
        new VertexNotInTheMiddle(),
        new MovedBeforeTheDot(),
        new BluntPoint(),
        new FreehandBaseRay(),
        new ReflexArcInside(),
        .. ConstructionReplay.All,
    ];

    /// <summary>The demonstration <i>measure an angle</i>.</summary>
    public static Demonstration Measure => Find("measure")!;

    /// <summary>Finds a demonstration by its key, or null.</summary>
    public static Demonstration? Find(string? key) => All.FirstOrDefault(d => d.Key == key);
}
