using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>The supplement from the same set-up: the base ray is drawn on backwards, and the second ray serves both angles.</summary>
public sealed class DrawSupplement()
    : Demonstration(
        new DemonstrationFacts(
            "draw-supplement",
            DemonstrationGroup.Drawing,
            "Draw an angle and its supplement",
            "One set-up, two angles that make a straight line."
        )
        {
            UsualMeasure = 52,
            MostMeasure = 179,
            WhyMeasure = "The two make 180° together.",
        }
    )
{
    private const string Id = "angle";
    private const string Other = "supplement";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (errors.None && DrawAngle.OnBase(task) is not { CountsBack: false })
        {
            errors.Add("instrument", "has no zero for the base ray when the angle opens this way.");
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = DrawAngle.OnBase(task)!;
        var draw = new DrawingSteps(board, Id, laying);
        Angle asked = task.Angle with { StartLength = draw.ArmLength, EndLength = draw.ArmLength };
        var phrasing = board.Phrasing;
        double rest = 180 - asked.Measure.Degrees;
        string letter = task.Names.FreeLetter;
        board.Put(
            new Figure(Id, asked)
            {
                Names = task.Names,
                HasEnd = false,
                Mark = OpeningMark.None,
            }
        );
        board.Rule(
            new DrawnLine(
                "back",
                asked.Vertex,
                asked.Vertex.Towards(asked.Start.Opposite, draw.ArmLength),
                Arrow: true
            )
        );
        board.Step(
            "line",
            "One line",
            $"Draw the base line both ways through {task.Names.Vertex}: a straight angle."
        );
        var measure = new MeasuringSteps(board, Id, laying);
        measure.CentreAndZeroLine();
        measure.ChooseScale();
        measure.Count();
        draw.Dot();
        draw.SecondRay();
        board.Change(
            Id,
            f =>
                f with
                {
                    Mark = OpeningMarks.Of(asked),
                    Written = phrasing.Degrees(asked.Measure.Degrees),
                }
        );
        board.Put(
            new Figure(
                Other,
                new Angle(
                    asked.Vertex,
                    asked.Start.Opposite,
                    new Measure(rest),
                    asked.Opening.Reversed(),
                    asked.EndLength,
                    asked.EndLength
                )
            )
            {
                Names = task.Names with { Start = letter },
                Written = phrasing.Degrees(rest),
            }
        );
        board.Step(
            "supplement",
            "The rest",
            $"The other opening is the supplement: {phrasing.Degrees(180)} − {phrasing.Degrees(asked.Measure.Degrees)} = {phrasing.Degrees(rest)}. It came for free, and the other scale says it at the same graduation.",
            Question.Open("How large is the angle on the other side of the ray?")
        );
        return board.Script(Key, Title, asked.Measure.Degrees, task.Instrument);
    }
}
