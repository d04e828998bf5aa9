using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Drawing;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Reflex;

/// <summary>Draw a reflex angle by one of the three methods; the arc on the outside is what makes it reflex.</summary>
public sealed class DrawReflex(ReflexMethod method)
    : Demonstration(
        new DemonstrationFacts(
            "draw-reflex-" + ReflexText.KeyOf(method),
            DemonstrationGroup.Reflex,
            ReflexText.DrawingOf(method),
            ReflexText.DrawingSummaryOf(method)
        )
        {
            UsualMeasure = ReflexText.UsualOf(method),
            UsualInstrument = ReflexText.InstrumentOf(method),
            LeastMeasure = 181,
            WhyMeasure = Text.Demonstrations.Why.Reflex,
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
        double total = task.Angle.Measure.Degrees;
        if (method == ReflexMethod.From360)
        {
            board.Step(
                "smaller",
                Text.Demonstrations.Labels.Smaller,
                Text.Demonstrations.Reflex.DrawSmaller(360, total, laying.Whole),
                Question.Open(Text.Demonstrations.Reflex.DrawSmallerQuestion)
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
                Text.Demonstrations.Labels.ExtendBack,
                Text.Demonstrations.Reflex.DrawBack(180, total, laying.Whole),
                Question.Open(Text.Demonstrations.Reflex.DrawBackQuestion(180))
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
            Text.Demonstrations.Labels.Outside,
            Text.Demonstrations.Reflex.Outside,
            Question.Open(Text.Demonstrations.Reflex.OutsideQuestion)
        );
        draw.Remeasure(asked);
        return board.Script(
            Key,
            Text.Demonstrations.Draw.Named(total),
            task.Angle.Measure.Degrees,
            task.Instrument
        );
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
