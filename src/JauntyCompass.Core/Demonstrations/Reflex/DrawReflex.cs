using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Drawing;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.Reflex;

/// <summary>Draw a reflex angle by one of the three methods; the arc on the outside is what makes it reflex.</summary>
public sealed class DrawReflex(ReflexMethod method)
    : Demonstration(
        new DemonstrationFacts(
            "draw-reflex-" + ReflexText.KeyOf(method),
            DemonstrationGroup.Reflex,
            $"Draw reflex: {ReflexText.TitleOf(method)}",
            method switch
            {
                ReflexMethod.AddTo180 =>
                    "Extend the base ray backwards and draw the extra beyond it.",
                ReflexMethod.FullCircle => "Dot it directly on a full circle.",
                _ => "Draw the smaller angle and mark the outside.",
            }
        )
        {
            UsualMeasure = ReflexText.UsualOf(method),
            UsualInstrument = ReflexText.InstrumentOf(method),
            LeastMeasure = 181,
            WhyMeasure = "A reflex angle is larger than a straight one and less than a full turn.",
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        ReflexText.CheckInstrument(method, task, errors, drawing: true);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Phrasing phrasing = board.Phrasing;
        StandardPlacement laying = DrawAngle.OnBase(Drawn(task))!;
        var draw = new DrawingSteps(board, Id, laying);
        Angle asked = task.Angle with { StartLength = draw.ArmLength, EndLength = draw.ArmLength };
        board.Put(
            new Figure(Id, asked)
            {
                Names = task.Names,
                HasEnd = false,
                Mark = OpeningMark.None,
            }
        );
        draw.BaseRay(task.BaseRayGiven);
        draw.Picture(asked);
        string total = phrasing.Degrees(task.Angle.Measure.Degrees);
        if (method == ReflexMethod.From360)
        {
            board.Step(
                "smaller",
                "The smaller one",
                $"{phrasing.Degrees(360)} − {total} = {phrasing.Degrees(laying.Whole)}: we draw the smaller angle.",
                Question.Open("Which smaller angle do we draw instead?")
            );
        }
        else if (method == ReflexMethod.AddTo180)
        {
            board.Rule(
                new DrawnLine(
                    "back",
                    asked.Vertex,
                    asked.Vertex.Towards(asked.Start.Opposite, draw.ArmLength),
                    Ink.Extension
                )
            );
            board.Step(
                "back",
                "Extend back",
                $"Extend the base ray backwards: that is {phrasing.Degrees(180)}. {total} − {phrasing.Degrees(180)} = {phrasing.Degrees(laying.Whole)} more.",
                Question.Open($"How much more than {phrasing.Degrees(180)} is it?")
            );
        }
        var measure = new MeasuringSteps(board, Id, laying);
        measure.CentreAndZeroLine();
        measure.ChooseScale();
        measure.Count();
        draw.Dot();
        draw.SecondRay();
        draw.Label(asked, task.Names);
        board.Step(
            "outside",
            "The outside",
            "The arc on the outside is what makes it a reflex angle. Inside, the same drawing would show the smaller one.",
            Question.Open("Why must the arc go round the outside?")
        );
        draw.Remeasure(asked);
        return board.Script(Key, $"Draw {total}", task.Angle.Measure.Degrees, task.Instrument);
    }

    private DemonstrationTask Drawn(DemonstrationTask task) =>
        method == ReflexMethod.AddTo180
            ? task with
            {
                Angle = ReflexRoutes.Beyond(task.Angle, task).Beyond,
                Names = ReflexRoutes.Beyond(task.Angle, task).Names,
            }
            : task;
}
