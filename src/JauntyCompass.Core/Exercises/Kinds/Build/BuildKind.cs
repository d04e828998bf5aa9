using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Core.Exercises.Constructing;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Build;

/// <summary>Build an angle of 60°, 30°, 90° and the like on a ray with compass and straightedge; it is measured as a check.</summary>
public sealed class BuildKind()
    : ConstructionKind<BuildItem, BuildResponse>(
        // All its measures end in 0 or 5, at which ticks counted backwards give the same.
        new KindFacts(
            "build",
            Text.Kinds.Facts.Build.Title,
            Text.Kinds.Facts.Build.Summary,
            [.. All.Where(m => m is not TicksBackwards)]
        )
        {
            Difficulty = 5,
            Varieties = Measures.Length,
            IsMeasured = false,
        }
    )
{
    private const double Ray = 70;

    private static readonly int[] Measures = [60, 30, 90, 120, 45, 15, 150];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        int measure = plan.InTurn(Measures);
        int turned = plan.Own.Between(-20, 20);
        bool isLeft = plan.Angle.Opening == TurnDirection.Clockwise;
        // The ray lies more or less level and the angle opens upwards: to the right of its vertex or to the left.
        return new BuildItem(
            Text.Kinds.Construction.Build(plan.Names.Full, measure, plan.Names.StartRay),
            plan.Instrument,
            new Measure(measure),
            new BaseRay(
                new Point(isLeft ? 20 : -20, -30),
                new Direction((isLeft ? 180 : 0) + turned),
                Ray
            ),
            plan.Angle.Opening,
            plan.Names
        );
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(BuildItem item, HouseRules rules) =>
        BuildAngle.Example(item.Aim, item.Instrument, item.Names, rules);

    /// <inheritdoc/>
    protected override BuildResponse Respond(
        IReadOnlyList<Stroke> strokes,
        IReadOnlyList<CompassStroke> arcs,
        double reading,
        Placement placement
    ) => new(strokes, arcs, reading, placement);
}
