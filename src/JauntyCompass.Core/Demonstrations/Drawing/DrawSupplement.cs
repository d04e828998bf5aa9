using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>The supplement from the same set-up: the base ray is drawn on backwards, and the second ray serves both angles.</summary>
public sealed class DrawSupplement()
    : Demonstration(
        new DemonstrationFacts(
            "draw-supplement",
            DemonstrationGroup.Drawing,
            Text.Demonstrations.DrawSupplement.Title,
            Text.Demonstrations.DrawSupplement.Summary
        )
        {
            UsualMeasure = 52,
            MostMeasure = 179,
            WhyMeasure = Text.Demonstrations.Why.Together180,
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
            errors.Add("instrument", Text.Demonstrations.Problem.NoZero);
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = DrawAngle.OnBase(task)!;
        var draw = new DrawingSteps(board, Id, laying);
        Angle asked = task.Angle with { StartLength = draw.ArmLength, EndLength = draw.ArmLength };
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
            Text.Demonstrations.Labels.OneLine,
            Text.Demonstrations.DrawSupplement.Line(task.Names.Vertex)
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
                    Written = Text.Units.Degrees(asked.Measure.Degrees),
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
                Written = Text.Units.Degrees(rest),
            }
        );
        board.Step(
            "supplement",
            Text.Demonstrations.Labels.TheRest,
            Text.Demonstrations.DrawSupplement.Rest(180, asked.Measure.Degrees, rest),
            Question.Open(Text.Demonstrations.DrawSupplement.RestQuestion)
        );
        return board.Script(Key, Title, asked.Measure.Degrees, task.Instrument);
    }
}
