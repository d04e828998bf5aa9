using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Estimating;

/// <summary>Estimate against benchmarks: which is nearest, more or less, then a number; then it is checked.</summary>
public sealed class EstimateAngle()
    : Demonstration(
        new DemonstrationFacts(
            "estimate",
            DemonstrationGroup.Estimating,
            Text.Demonstrations.Estimate.Title,
            Text.Demonstrations.Estimate.Summary
        )
        {
            UsualMeasure = 52,
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Estimate estimate = Estimate.Of(task.Angle.Measure);
        Angle angle = task.Angle;
        board.Put(new Figure(Id, angle) { Names = task.Names });
        Benchmark(board, angle, estimate.Benchmark);
        board.Step(
            "benchmark",
            Text.Demonstrations.Labels.Nearest,
            Text.Demonstrations.Estimate.Nearest(Estimate.Named(estimate.Benchmark)),
            Choices(estimate)
        );
        board.Step(
            "more-or-less",
            Text.Demonstrations.Labels.MoreOrLess,
            estimate.More switch
            {
                > 0 => Text.Demonstrations.Estimate.OpensWider,
                < 0 => Text.Demonstrations.Estimate.OpensLess,
                _ => Text.Demonstrations.Estimate.OnTheLine,
            },
            new Question(
                Text.Demonstrations.Estimate.MoreOrLessQuestion,
                [
                    Text.Demonstrations.Estimate.ChoiceMore,
                    Text.Demonstrations.Estimate.ChoiceLess,
                    Text.Demonstrations.Estimate.ChoiceSame,
                ],
                estimate.More > 0 ? 0
                    : estimate.More < 0 ? 1
                    : 2
            )
        );
        board.Change(Id, f => f with { Written = Text.Units.About(estimate.Number) });
        board.Step(
            "number",
            Text.Demonstrations.Labels.ANumber,
            Text.Demonstrations.Estimate.Number(estimate.Number),
            Question.Open(Text.Demonstrations.Estimate.NumberQuestion)
        );
        double off = Math.Abs(estimate.Number - angle.Measure.Degrees);
        board.Change(Id, f => f with { Written = Text.Units.Degrees(angle.Measure.Degrees) });
        board.Step(
            "check",
            Text.Demonstrations.Labels.Check,
            Text.Demonstrations.Estimate.Check(angle.Measure.Degrees, off, Other(angle.Measure))
        );
        return board.Script(Key, Title, angle.Measure.Degrees);
    }

    private static double Other(Measure measure) =>
        measure.Degrees < 180 ? 180 - measure.Degrees : measure.Explement.Degrees;

    private static Question Choices(Estimate estimate)
    {
        int at = Estimate.Benchmarks.ToList().IndexOf(estimate.Benchmark);
        int first = Math.Clamp(at - 1, 0, Estimate.Benchmarks.Count - 3);
        return new Question(
            Text.Demonstrations.Estimate.NearestQuestion,
            [.. Estimate.Benchmarks.Skip(first).Take(3).Select(b => Text.Units.Degrees(b))],
            at - first
        );
    }

    private static void Benchmark(Storyboard board, Angle angle, int benchmark) =>
        board.Rule(
            new DrawnLine(
                "benchmark",
                angle.Vertex,
                angle.Vertex.Towards(
                    angle.Start.Turned(angle.Opening.Sign() * benchmark),
                    angle.EndLength
                ),
                Ink.Extension
            )
        );
}
