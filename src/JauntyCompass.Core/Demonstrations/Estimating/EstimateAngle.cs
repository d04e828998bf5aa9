using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.Estimating;

/// <summary>Estimate against benchmarks: which is nearest, more or less, then a number; then it is checked.</summary>
public sealed class EstimateAngle()
    : Demonstration(
        new DemonstrationFacts(
            "estimate",
            DemonstrationGroup.Estimating,
            "Estimate first",
            "Nearest benchmark, more or less, a number; then the check."
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
            "Nearest",
            $"The nearest benchmark is {Estimate.Named(estimate.Benchmark, board.Phrasing)}.",
            Choices(board, estimate)
        );
        board.Step(
            "more-or-less",
            "More or less",
            estimate.More switch
            {
                > 0 => "It opens a little wider than the dotted line: more.",
                < 0 => "It does not open as wide as the dotted line: less.",
                _ => "The dotted line falls on it: just about as much.",
            },
            new Question(
                "Is our angle more than the benchmark, less, or about the same?",
                ["more", "less", "about the same"],
                estimate.More > 0 ? 0
                    : estimate.More < 0 ? 1
                    : 2
            )
        );
        board.Change(
            Id,
            f => f with { Written = $"about {board.Phrasing.Degrees(estimate.Number)}" }
        );
        board.Step(
            "number",
            "A number",
            $"We say about {board.Phrasing.Degrees(estimate.Number)} and write it down: it is our first check.",
            Question.Open("Now say a number.")
        );
        double off = Math.Abs(estimate.Number - angle.Measure.Degrees);
        board.Change(Id, f => f with { Written = board.Phrasing.Degrees(angle.Measure.Degrees) });
        board.Step(
            "check",
            "Check",
            $"Measured, it is {board.Phrasing.Degrees(angle.Measure.Degrees)}: our estimate was {board.Phrasing.Degrees(off)} off. Had we read {board.Phrasing.Degrees(Other(angle.Measure))}, we would look again."
        );
        return board.Script(Key, Title, angle.Measure.Degrees);
    }

    private static double Other(Measure measure) =>
        measure.Degrees < 180 ? 180 - measure.Degrees : measure.Explement.Degrees;

    private static Question Choices(Storyboard board, Estimate estimate)
    {
        int at = Estimate.Benchmarks.ToList().IndexOf(estimate.Benchmark);
        int first = Math.Clamp(at - 1, 0, Estimate.Benchmarks.Count - 3);
        return new Question(
            "Which benchmark is nearest?",
            [.. Estimate.Benchmarks.Skip(first).Take(3).Select(b => board.Phrasing.Degrees(b))],
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
