using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Triangles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Exercises.TwoTriangles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.SideRatios;

/// <summary>Two triangles: measure their sides with a ruler, compare the ratios, and say whether they are similar.</summary>
public sealed class SideRatiosKind()
    : ExerciseKind<SideRatiosItem, SideRatiosResponse>(
        new KindFacts(
            "side-ratios",
            Text.Kinds.Facts.SideRatios.Title,
            Text.Kinds.Facts.SideRatios.Summary,
            [.. MistakeCatalogue.OfTriangles.Where(m => m is not ThirdAngle)]
        )
        {
            Difficulty = 5,
            IsMeasured = false,
            Varieties = Shapes.Length,
            LeastMeasure = 60,
            MostMeasure = 79,
        }
    )
{
    private static readonly PairShape[] Shapes = Enum.GetValues<PairShape>();
    private static readonly double[] Insets = [4, 5, 6, 8];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        TrianglePair pair = PairProposal.Make(plan.InTurn(Shapes), plan.Own);
        return new SideRatiosItem(
            Text.Kinds.SideRatios.Prompt,
            Ruler.School with
            {
                Inset = Insets[plan.Own.Below(Insets.Length)],
            },
            pair.First,
            pair.Second
        );
    }

    /// <inheritdoc/>
    protected override ItemView Present(SideRatiosItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            TriangleSheet.Of(item.Pair),
            TriangleSheet.WindowFor(item.Pair, ItemView.UsualWindow),
            [.. new RatioWork(item.Pair, item.Ruler, null).Asks()]
        )
        {
            Ruler = item.Ruler,
        };

    /// <inheritdoc/>
    protected override ToldSheet Tell(SideRatiosItem item, ItemView view) =>
        TriangleTelling.Of(item.Pair, []);

    /// <inheritdoc/>
    protected override WorkedExample Work(SideRatiosItem item, HouseRules rules) =>
        CompareRatios.Example(item.Pair, item.Ruler, rules);

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        SideRatiosItem item,
        SideRatiosResponse? response
    ) => [.. new RatioWork(item.Pair, item.Ruler, response).Steps()];

    /// <inheritdoc/>
    protected override SideRatiosResponse Attempt(SideRatiosItem item, Attempt attempt)
    {
        var work = new RatioWork(item.Pair, item.Ruler, null);
        SimulatedSides sides = work.Attempt(attempt);
        (string similar, string reason) = work.Decide(attempt);
        return new SideRatiosResponse(
            sides.First[0],
            sides.First[1],
            sides.First[2],
            sides.Second[0],
            sides.Second[1],
            sides.Second[2],
            sides.Ratios[0],
            sides.Ratios[1],
            sides.Ratios[2],
            similar,
            reason
        );
    }
}
