using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Estimating;

/// <summary>Which of several angles is exactly of a measure: picked by eye first, then measured one by one.</summary>
public sealed class WhichIsExactly()
    : Demonstration(
        new DemonstrationFacts(
            "which-exactly",
            DemonstrationGroup.Estimating,
            Text.Demonstrations.Exactly.Title,
            Text.Demonstrations.Exactly.Summary
        )
        {
            UsualMeasure = 50,
            LeastMeasure = 25,
            MostMeasure = 150,
            WhyMeasure = Text.Demonstrations.Why.WouldNotShow,
        }
    )
{
    // The others are off by so much, in degrees: near enough to be taken for it, and far enough to be told apart with the instrument.
    private static readonly double[] Off = [0, 7, -9];

    // Places and lengths in mm.
    private const double Apart = 84;
    private const double Arm = 50;

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsZero(task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        // What is written in the end is a whole number of degrees, and one of the angles has exactly that.
        double wanted = Math.Round(task.Angle.Measure.Degrees, MidpointRounding.AwayFromZero);
        SeededRandom random = SeededRandom.Named(0, Key, (int)wanted);
        List<double> measures = [.. Off.Select(off => wanted + off)];
        random.Shuffle(measures);
        Angle[] shown =
        [
            .. measures.Select(
                (measure, i) =>
                    task.Angle with
                    {
                        Vertex = new Point((i - 1) * Apart, 0),
                        Start = task.Angle.Start.Turned(random.Between(-14, 14)),
                        Measure = new Measure(measure),
                        StartLength = Arm + random.Between(-8, 8),
                        EndLength = Arm + random.Between(-8, 8),
                    }
            ),
        ];
        for (int i = 0; i < shown.Length; i++)
        {
            board.Put(new Figure(IdOf(i), shown[i]));
            board.Write(
                new Written(
                    IdOf(i),
                    Text.Units.Number(i + 1),
                    shown[i].Vertex.Towards(shown[i].Bisector.Opposite, 12)
                )
            );
        }
        board.Step(
            "by-eye",
            Text.Demonstrations.Labels.ByEye,
            Text.Demonstrations.Exactly.ByEye(wanted),
            Question.Open(Text.Demonstrations.Exactly.Which(wanted))
        );
        for (int i = 0; i < shown.Length; i++)
        {
            Measure(board, task, shown[i], i);
        }
        int right = measures.IndexOf(wanted);
        board.Step(
            "answer",
            Text.Demonstrations.Labels.Answer,
            Text.Demonstrations.Exactly.Answer(right + 1, wanted),
            new Question(
                Text.Demonstrations.Exactly.Which(wanted),
                [.. shown.Select((_, i) => Text.Units.Number(i + 1))],
                right
            )
        );
        return board.Script(Key, Title, null, task.Instrument);
    }

    private static string IdOf(int i) => $"angle-{i + 1}";

    private static void Measure(Storyboard board, DemonstrationTask task, Angle angle, int i)
    {
        StandardPlacement laying = StandardPlacement.Of(angle, task.Names, task.Instrument)!;
        var steps = new MeasuringSteps(board, IdOf(i), laying);
        steps.LayReady();
        steps.Thread(0, laying.Reading);
        board.Step(
            "measure",
            Text.Demonstrations.Labels.Numbered(i + 1),
            Text.Demonstrations.Exactly.Measured(i + 1, laying.Rounded)
        );
        board.Lift(IdOf(i));
        board.Change(
            IdOf(i),
            f =>
                f with
                {
                    Written = Text.Units.Degrees(laying.Rounded),
                    StartExtendedTo = null,
                    EndExtendedTo = null,
                }
        );
    }
}
