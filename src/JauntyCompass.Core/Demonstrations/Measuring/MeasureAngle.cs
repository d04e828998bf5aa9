using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Reflex;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>
/// Measure an angle: say the kind, turn, centre mark, zero line, extend if short, choose the scale, count up, write, check.
/// Kind, estimate and order follow the house rules. A reflex angle on a half circle is measured by way of the smaller one.
/// </summary>
public sealed class MeasureAngle()
    : Demonstration(
        new DemonstrationFacts(
            "measure",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.Measure.Title,
            Text.Demonstrations.Measure.Summary
        )
        {
            UsualEndLength = 44,
            LeastMeasure = 0.5,
            MostMeasure = 359.5,
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (errors.None && StandardPlacement.Of(task.Angle, task.Names, task.Instrument) is null)
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NoZero);
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Protractor protractor = task.Instrument;
        Angle lying =
            task.Rules.Turning == Turning.Page ? Levelled(task.Angle, protractor) : task.Angle;
        StandardPlacement laying = StandardPlacement.Of(lying, task.Names, protractor)!;
        var steps = new MeasuringSteps(board, Id, laying);
        bool reflexOnHalf =
            task.Angle.Measure.Kind == AngleKind.Reflex
            && protractor.Shape == ProtractorShape.HalfCircle;
        KindSaid kindSaid = reflexOnHalf ? KindSaid.First : task.Rules.Kind;
        board.Put(
            new Figure(Id, task.Angle) { Names = task.Names, Mark = OpeningMarks.Of(task.Angle) }
        );
        if (kindSaid == KindSaid.First)
        {
            steps.Kind(task.Angle);
        }
        if (task.Rules.EstimateFirst)
        {
            steps.MakeEstimate(task.Angle);
        }
        board.Change(Id, f => f with { Angle = lying });
        steps.Turn(pageTurned: lying.Start != task.Angle.Start);
        double result = reflexOnHalf
            ? Reflex(board, lying, task)
            : Directly(steps, task.Angle, kindSaid);
        steps.Write(task.Names.Full, result);
        steps.Check(task.Angle, result);
        return board.Script(
            Key,
            Text.Demonstrations.Measure.Named(task.Names.Full),
            task.Angle.Measure.Degrees,
            protractor
        );
    }

    private static double Directly(MeasuringSteps steps, Angle given, KindSaid kindSaid)
    {
        steps.CentreAndZeroLine();
        if (kindSaid == KindSaid.AfterLaying)
        {
            steps.Kind(given);
        }
        steps.Extend();
        if (kindSaid == KindSaid.WhenChoosing)
        {
            steps.Kind(given);
        }
        steps.ChooseScale();
        steps.Count();
        return steps.StandardPlacement.Rounded;
    }

    private static double Reflex(Storyboard board, Angle lying, DemonstrationTask task)
    {
        ReflexMethod method = ReflexText.Chosen(task);
        if (task.Rules.Reflex == ReflexMethod.Handier)
        {
            board.Step(
                "way",
                Text.Demonstrations.Labels.WhichMethod,
                method == ReflexMethod.AddTo180
                    ? Text.Demonstrations.Reflex.AddingIsEasier
                    : Text.Demonstrations.Reflex.TakingIsEasier,
                new Question(
                    Text.Demonstrations.Reflex.WhichIsEasier,
                    [Text.Demonstrations.Reflex.Choice360, Text.Demonstrations.Reflex.Choice180],
                    method == ReflexMethod.AddTo180 ? 1 : 0
                )
            );
        }
        return ReflexRoutes.Measure(board, Id, lying, task, method);
    }

    /// <summary>The angle with the page turned until the arm that is lined up lies level, the instrument upright.</summary>
    internal static Angle Levelled(Angle angle, Protractor protractor)
    {
        Angle measured = protractor.Shape == ProtractorShape.HalfCircle ? angle.Smaller : angle;
        double turn = measured.Start.ShorterTurnTo(
            new Direction(measured.Opening == TurnDirection.Anticlockwise ? 0 : 180)
        );
        return angle.TurnedBy(turn);
    }
}
