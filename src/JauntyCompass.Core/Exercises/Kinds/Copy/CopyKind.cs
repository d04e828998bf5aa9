using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Core.Exercises.Constructing;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Copy;

/// <summary>Copy an angle onto a ray with compass and straightedge; the copy is measured as a check.</summary>
public sealed class CopyKind()
    : ConstructionKind<CopyItem, CopyResponse>(
        new KindFacts("copy", Text.Kinds.Facts.Copy.Title, Text.Kinds.Facts.Copy.Summary, All)
        {
            Difficulty = 4,
            LeastMeasure = 20,
            // Of a larger angle the arcs meet so flatly that a careful hand is often off. Common practice, no source.
            MostMeasure = 125,
        }
    )
{
    // Both stand side by side with room for the arcs; in mm.
    private const double Arm = 48;
    private const double Apart = 54;
    private const double Below = 20;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        AngleNames copy = plan.Names.Others;
        // Each lies in its own half of the sheet: the angle opens upwards, more or less, and so does the copy, either way round.
        int tilt = plan.Own.Between(-25, 25);
        Angle angle = plan.Angle with
        {
            Vertex = new Point(-Apart, -Below),
            Start = Upwards(plan.Angle.Opening, plan.Angle.Measure.Degrees, tilt),
            StartLength = Arm,
            EndLength = Arm,
        };
        TurnDirection opening = plan.Random.Chance(0.5)
            ? plan.Angle.Opening
            : plan.Angle.Opening.Reversed();
        int turned = plan.Own.Between(-40, 40);
        return new CopyItem(
            Text.Kinds.Construction.Copy(plan.Names.Full, copy.StartRay),
            plan.Instrument,
            angle,
            plan.Names,
            new BaseRay(
                new Point(Apart, -Below),
                Upwards(opening, angle.Measure.Degrees, turned),
                Arm
            ),
            opening,
            copy
        );
    }

    // The start arm of an angle whose bisector points upwards, but for some degrees.
    private static Direction Upwards(TurnDirection opening, double measure, double turned) =>
        new(90 - opening.Sign() * measure / 2 + turned);

    /// <inheritdoc/>
    protected override WorkedExample Work(CopyItem item, HouseRules rules) =>
        CopyAngle.Example(
            new DemonstrationTask(item.Angle, item.Instrument, item.Names, rules),
            item.BaseRay,
            item.Opening,
            item.CopyNames
        );

    /// <inheritdoc/>
    protected override CopyResponse Respond(
        IReadOnlyList<Stroke> strokes,
        IReadOnlyList<CompassStroke> arcs,
        double reading,
        Placement placement
    ) => new(strokes, arcs, reading, placement);
}
