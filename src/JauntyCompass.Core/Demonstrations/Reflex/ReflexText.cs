using JauntyCompass.Core.Demonstrations.Drawing;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Reflex;

/// <summary>What the demonstrations of the three methods share: names, usual examples, what they require.</summary>
internal static class ReflexText
{
    internal static string KeyOf(ReflexMethod method) =>
        method switch
        {
            ReflexMethod.AddTo180 => "add-to-180",
            ReflexMethod.FullCircle => "full-circle",
            _ => "from-360",
        };

    internal static string TitleOf(ReflexMethod method) =>
        method switch
        {
            ReflexMethod.AddTo180 => "add to 180",
            ReflexMethod.FullCircle => "full circle",
            _ => "take from 360",
        };

    internal static string MeasuringOf(ReflexMethod method) =>
        method switch
        {
            ReflexMethod.AddTo180 => "Extend the first arm backwards and measure the extra.",
            ReflexMethod.FullCircle => "Read it directly, all the way round.",
            _ => "Measure the smaller angle and take it from a full turn.",
        };

    // A little over 180 for adding, close to 360 for taking away: where each is handy.
    internal static double UsualOf(ReflexMethod method) =>
        method switch
        {
            ReflexMethod.AddTo180 => 215,
            ReflexMethod.FullCircle => 247,
            _ => 290,
        };

    internal static Protractor InstrumentOf(ReflexMethod method) =>
        method == ReflexMethod.FullCircle
            ? InstrumentCatalogue.FullCircleTwoScales
            : InstrumentCatalogue.DeskHalfCircle;

    /// <summary>The method of the class; where it leaves the choice, or has no full circle at hand, the handier one.</summary>
    internal static ReflexMethod Chosen(DemonstrationTask task)
    {
        ReflexMethod wanted = task.Rules.Reflex is ReflexMethod.Handier or ReflexMethod.FullCircle
            ? ReflexSteps.Handier(task.Angle.Measure)
            : task.Rules.Reflex;
        return wanted == ReflexMethod.AddTo180 && !HasZero(wanted, task, drawing: false)
            ? ReflexMethod.From360
            : wanted;
    }

    internal static void CheckInstrument(
        ReflexMethod method,
        DemonstrationTask task,
        ValidationErrors errors,
        bool drawing = false
    )
    {
        ProtractorShape wanted =
            method == ReflexMethod.FullCircle
                ? ProtractorShape.FullCircle
                : ProtractorShape.HalfCircle;
        if (task.Instrument.Shape != wanted)
        {
            errors.Add(
                "instrument",
                wanted == ProtractorShape.FullCircle
                    ? "must be a full circle for this method."
                    : "must be a half circle: on a full circle a reflex angle is read directly."
            );
        }
        else if (errors.None && !HasZero(method, task, drawing))
        {
            errors.Add(
                "instrument",
                "has no zero for the arms of this angle: take one with two scales."
            );
        }
    }

    private static bool HasZero(ReflexMethod method, DemonstrationTask task, bool drawing)
    {
        DemonstrationTask laid =
            method == ReflexMethod.AddTo180
                ? task with
                {
                    Angle = ReflexRoutes.Beyond(task.Angle, task).Beyond,
                }
                : task;
        return drawing
            ? DrawAngle.OnBase(laid) is not null
            : StandardPlacement.Of(laid.Angle, laid.Names, laid.Instrument) is not null
                && StandardPlacement.Of(task.Angle, task.Names, task.Instrument) is not null;
    }
}
