using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Reflex;

/// <summary>The three ways of measuring a reflex angle, step by step.</summary>
internal static class ReflexRoutes
{
    private const double BeyondRim = 12;

    /// <summary>Takes one of the ways and returns the number it arrives at, in degrees.</summary>
    internal static double Measure(
        Storyboard board,
        string figure,
        Angle lying,
        DemonstrationTask task,
        ReflexMethod method
    ) =>
        method switch
        {
            ReflexMethod.AddTo180 => AddTo180(board, figure, lying, task),
            ReflexMethod.FullCircle => Directly(board, figure, lying, task),
            _ => From360(board, figure, lying, task),
        };

    private static double From360(
        Storyboard board,
        string figure,
        Angle lying,
        DemonstrationTask task
    )
    {
        StandardPlacement laying = StandardPlacement.Of(
            lying.Smaller,
            task.Names,
            task.Instrument
        )!;
        var steps = new MeasuringSteps(board, figure, laying);
        board.Step(
            "smaller",
            Text.Demonstrations.Labels.Smaller,
            Text.Demonstrations.Reflex.MeasureSmaller(180),
            Question.Open(Text.Demonstrations.Reflex.MeasureSmallerQuestion)
        );
        steps.CentreAndZeroLine();
        steps.Extend();
        steps.ChooseScale();
        steps.Count();
        ReflexSteps.TakeFrom360(board, laying);
        return 360 - laying.Rounded;
    }

    private static double AddTo180(
        Storyboard board,
        string figure,
        Angle lying,
        DemonstrationTask task
    )
    {
        (Angle beyond, AngleNames names) = Beyond(lying, task);
        StandardPlacement laying = StandardPlacement.Of(beyond, names, task.Instrument)!;
        board.Rule(
            new DrawnLine(
                figure + "-back",
                lying.Vertex,
                lying.Vertex.Towards(beyond.Start, beyond.StartLength),
                Ink.Extension
            )
        );
        board.Step(
            "back",
            Text.Demonstrations.Labels.ExtendBack,
            Text.Demonstrations.Reflex.ExtendBack(task.Names.StartRay, task.Names.Vertex, 180),
            Question.Open(Text.Demonstrations.Reflex.ExtendBackQuestion(180))
        );
        var steps = new MeasuringSteps(board, figure, laying);
        steps.CentreAndZeroLine();
        steps.Extend();
        steps.ChooseScale();
        steps.Count();
        ReflexSteps.AddTo180(board, laying);
        return 180 + laying.Rounded;
    }

    private static double Directly(
        Storyboard board,
        string figure,
        Angle lying,
        DemonstrationTask task
    )
    {
        StandardPlacement laying = StandardPlacement.Of(lying, task.Names, task.Instrument)!;
        var steps = new MeasuringSteps(board, figure, laying);
        steps.CentreAndZeroLine();
        steps.Extend();
        steps.ChooseScale();
        steps.Count();
        return laying.Rounded;
    }

    /// <summary>The angle beyond the straight line: from the first arm extended backwards to the end arm.</summary>
    internal static (Angle Beyond, AngleNames Names) Beyond(Angle lying, DemonstrationTask task) =>
        (
            new Angle(
                lying.Vertex,
                lying.Start.Opposite,
                new Measure(lying.Measure.Degrees - 180),
                lying.Opening,
                task.Instrument.EdgeRadius + BeyondRim,
                lying.EndLength
            ),
            task.Names with
            {
                Start = task.Names.FreeLetter,
            }
        );
}
