using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>How far something has moved: read where it stood, where it stands, and take the one from the other.</summary>
public sealed class RangeBetween()
    : Demonstration(
        new DemonstrationFacts(
            "range",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.Range.Title,
            Text.Demonstrations.Range.Summary
        )
        {
            UsualMeasure = 47,
            UsualEndLength = 95,
            MostMeasure = 150,
            WhyMeasure = Text.Demonstrations.Why.HalfCircle,
        }
    )
{
    private const string Id = "angle";

    // Where the first position stands above the level, in degrees; less where the range leaves no room.
    private const double UsualFirst = 28;
    private const double Last = 178;

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsSingleDegrees(task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        double range = Math.Round(task.Angle.Measure.Degrees, MidpointRounding.AwayFromZero);
        double first = Math.Min(UsualFirst, Last - range);
        Position(board, task, first);
        board.Step(
            "first",
            Text.Demonstrations.Labels.FirstReading,
            Text.Demonstrations.Range.FirstPosition(task.Names.EndRay, first),
            Question.Open(Text.Demonstrations.Range.FirstQuestion(task.Names.EndRay))
        );
        Position(board, task, first + range);
        board.Step(
            "second",
            Text.Demonstrations.Labels.SecondReading,
            Text.Demonstrations.Range.SecondPosition(first + range),
            Question.Open(Text.Demonstrations.Range.SecondQuestion)
        );
        board.Put(new Figure("before", Standing(task.Angle, first)) { Mark = OpeningMark.None });
        board.Step(
            "subtract",
            Text.Demonstrations.Labels.Subtract,
            Text.Demonstrations.Range.Subtract(first + range, first, range),
            new Question(
                Text.Demonstrations.Range.SubtractQuestion,
                [
                    Text.Units.Degrees(first + range),
                    Text.Units.Degrees(first + range + first),
                    Text.Units.Degrees(range),
                ],
                2
            )
        );
        board.Sheet = board.Sheet with { Threads = [], Instruments = [] };
        Angle moved = task.Angle with
        {
            Start = task.Angle.Start.Turned(task.Angle.Opening.Sign() * first),
        };
        board.Put(
            new Figure(Id, moved) { Mark = OpeningMark.Turn, Written = Text.Units.Degrees(range) }
        );
        board.Sheet = board.Sheet with
        {
            Figures = [.. board.Sheet.Figures.Where(f => f.Id == Id)],
        };
        board.Step(
            "moved",
            Text.Demonstrations.Labels.TheTurn,
            Text.Demonstrations.Range.Moved(range)
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static Angle Standing(Angle angle, double measure) =>
        angle with
        {
            Measure = new Measure(measure),
        };

    private static void Position(Storyboard board, DemonstrationTask task, double measure)
    {
        Angle standing = Standing(task.Angle, measure);
        StandardPlacement laying = StandardPlacement.Of(standing, task.Names, task.Instrument)!;
        board.Put(new Figure(Id, standing) { Names = task.Names });
        var steps = new MeasuringSteps(board, Id, laying);
        steps.LayReady();
        steps.OpenLens();
        steps.Thread(0, laying.Reading);
    }
}
