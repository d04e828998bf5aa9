using JauntyCompass.Core.Demonstrations.Drawing;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

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

    internal static Message TitleOf(ReflexMethod method) =>
        method switch
        {
            ReflexMethod.AddTo180 => Text.Demonstrations.Reflex.AddTo180.Title,
            ReflexMethod.FullCircle => Text.Demonstrations.Reflex.FullCircle.Title,
            _ => Text.Demonstrations.Reflex.From360.Title,
        };

    internal static Message SummaryOf(ReflexMethod method) =>
        method switch
        {
            ReflexMethod.AddTo180 => Text.Demonstrations.Reflex.AddTo180.Summary,
            ReflexMethod.FullCircle => Text.Demonstrations.Reflex.FullCircle.Summary,
            _ => Text.Demonstrations.Reflex.From360.Summary,
        };

    internal static Message Named(ReflexMethod method, string name) =>
        method switch
        {
            ReflexMethod.AddTo180 => Text.Demonstrations.Reflex.AddTo180.Named(name),
            ReflexMethod.FullCircle => Text.Demonstrations.Reflex.FullCircle.Named(name),
            _ => Text.Demonstrations.Reflex.From360.Named(name),
        };

    internal static Message DrawingOf(ReflexMethod method) =>
        method switch
        {
            ReflexMethod.AddTo180 => Text.Demonstrations.Reflex.AddTo180.Drawing,
            ReflexMethod.FullCircle => Text.Demonstrations.Reflex.FullCircle.Drawing,
            _ => Text.Demonstrations.Reflex.From360.Drawing,
        };

    internal static Message DrawingSummaryOf(ReflexMethod method) =>
        method switch
        {
            ReflexMethod.AddTo180 => Text.Demonstrations.Reflex.AddTo180.DrawingSummary,
            ReflexMethod.FullCircle => Text.Demonstrations.Reflex.FullCircle.DrawingSummary,
            _ => Text.Demonstrations.Reflex.From360.DrawingSummary,
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
                    ? Text.Demonstrations.Problem.NeedsFullCircle
                    : Text.Demonstrations.Problem.NeedsHalfCircle
            );
        }
        else if (errors.None && !HasZero(method, task, drawing))
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NoZero);
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
