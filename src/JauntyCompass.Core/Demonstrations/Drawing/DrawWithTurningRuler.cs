using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>
/// A turning ruler is set once and slid without turning: it repeats the angle. Where its only scale counts the other way, it
/// is set to 180 minus the measure.
/// </summary>
public sealed class DrawWithTurningRuler()
    : Demonstration(
        new DemonstrationFacts(
            "turning-ruler",
            DemonstrationGroup.Drawing,
            Text.Demonstrations.TurningRuler.Title,
            Text.Demonstrations.TurningRuler.Summary
        )
        {
            UsualInstrument = InstrumentCatalogue.TurningRuler,
            LeastMeasure = 5,
            MostMeasure = 175,
            WhyMeasure = Text.Demonstrations.Why.RulerNeedsRoom,
        }
    )
{
    private const string Id = "angle";
    private const double SlideBy = 42;

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsArm(task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Protractor ruler = task.Instrument;
        Angle asked = task.Angle with
        {
            StartLength = ruler.EdgeRadius + 20,
            EndLength = ruler.EdgeRadius + 20,
        };
        Placement placed = WellLaid.Over(asked, ruler);
        double bearing = placed.BearingOf(asked.End);
        Scale scale = ruler.Scales[0];
        double set = scale.ReadingAt(bearing) ?? 0;
        bool counted = Math.Abs(set - asked.Measure.Degrees) < 0.5;
        board.Put(
            new Figure(Id, asked)
            {
                Names = task.Names,
                HasEnd = false,
                Mark = OpeningMark.None,
            }
        );
        board.Lay(
            new LaidInstrument(Id, ruler.Id, placed) { ArmBearing = bearing, InkedScale = 0 }
        );
        board.Step(
            "set",
            Text.Demonstrations.Labels.Set,
            counted
                ? Text.Demonstrations.TurningRuler.Set(set, task.Names.Vertex)
                : Text.Demonstrations.TurningRuler.SetBack(180, asked.Measure.Degrees, set),
            Question.Open(Text.Demonstrations.TurningRuler.SetQuestion(asked.Measure.Degrees))
        );
        board.Change(
            Id,
            f =>
                f with
                {
                    HasEnd = true,
                    Mark = OpeningMarks.Of(asked),
                    Written = Text.Units.Degrees(asked.Measure.Degrees),
                }
        );
        board.Step("draw", Text.Demonstrations.Labels.Draw, Text.Demonstrations.TurningRuler.Draw);
        Point next = asked.Vertex.Towards(asked.Start, SlideBy);
        board.Lay(
            new LaidInstrument(Id, ruler.Id, placed with { Centre = next })
            {
                ArmBearing = bearing,
                InkedScale = 0,
            }
        );
        board.Rule(
            new DrawnLine(
                "again",
                next,
                next.Towards(asked.End, ruler.EdgeRadius + 20),
                Arrow: true
            )
        );
        board.Step(
            "slide",
            Text.Demonstrations.Labels.Slide,
            Text.Demonstrations.TurningRuler.Slide(asked.Measure.Degrees),
            Question.YesOrNo(Text.Demonstrations.TurningRuler.SlideQuestion, yes: true)
        );
        return board.Script(Key, Title, asked.Measure.Degrees, ruler);
    }
}
