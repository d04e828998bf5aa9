using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Constructing;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Bisect;

/// <summary>Halve an angle with compass and straightedge; the halves are measured as a check.</summary>
public sealed class BisectKind()
    : ConstructionKind<BisectItem, BisectResponse>(
        new KindFacts("bisect", Text.Kinds.Facts.Bisect.Title, Text.Kinds.Facts.Bisect.Summary, All)
        {
            Difficulty = 4,
            LeastMeasure = 24,
            MostMeasure = 300,
        }
    )
{
    private const double Arm = 62;

    // Too short for a usual opening of the compass: it must be drawn on first.
    private const double ShortArm = 22;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        bool isShort = plan.Random.Chance(0.25);
        return new BisectItem(
            Text.Kinds.Construction.Bisect(plan.Names.Full),
            plan.Instrument,
            // Halves of whole degrees, so that the check is no matter of reading between graduations.
            plan.Angle with
            {
                Measure = new Measure(2 * Math.Round(plan.Angle.Measure.Degrees / 2)),
                StartLength = Arm,
                EndLength = isShort ? ShortArm : Arm,
            },
            plan.Names
        );
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(BisectItem item, HouseRules rules) =>
        new("bisect", new DemonstrationTask(item.Angle, item.Instrument, item.Names, rules));

    /// <inheritdoc/>
    protected override BisectResponse Respond(
        IReadOnlyList<Stroke> strokes,
        IReadOnlyList<CompassStroke> arcs,
        double reading,
        Placement placement
    ) => new(strokes, arcs, reading, placement);
}
