using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

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
            "The turning ruler",
            "Set it once, slide it, and draw the same angle again and again."
        )
        {
            UsualInstrument = InstrumentCatalogue.TurningRuler,
            LeastMeasure = 5,
            MostMeasure = 175,
            WhyMeasure = "The ruler needs room to turn.",
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
        var phrasing = board.Phrasing;
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
            "Set it",
            counted
                ? $"Turn the ruler to {phrasing.Degrees(set)} and let it stay. Its {phrasing.Words.CentreMark} on {task.Names.Vertex}, its {phrasing.Words.ZeroLine} on the base ray."
                : $"Its scale counts the other way, so we set {phrasing.Degrees(180)} − {phrasing.Degrees(asked.Measure.Degrees)} = {phrasing.Degrees(set)}.",
            Question.Open(
                $"We want {phrasing.Degrees(asked.Measure.Degrees)}. To which number do we turn the ruler?"
            )
        );
        board.Change(
            Id,
            f =>
                f with
                {
                    HasEnd = true,
                    Mark = OpeningMarks.Of(asked),
                    Written = phrasing.Degrees(asked.Measure.Degrees),
                }
        );
        board.Step("draw", "Draw", "Draw along the ruler: no dot needed.");
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
            "Slide",
            $"Slid along the base ray without turning, it repeats the angle: again {phrasing.Degrees(asked.Measure.Degrees)}. The two lines are parallel.",
            Question.YesOrNo("Slid along without turning: is it the same angle?", yes: true)
        );
        return board.Script(Key, Title, asked.Measure.Degrees, ruler);
    }
}
