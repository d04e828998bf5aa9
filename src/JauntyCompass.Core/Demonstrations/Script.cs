using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations;

/// <summary>A demonstration: all its steps, each with the whole state of the sheet, so that stepping needs nothing else.</summary>
/// <param name="Key">Which demonstration it is.</param>
/// <param name="Title">What is demonstrated.</param>
/// <param name="Instruments">The instruments that are laid on in it.</param>
/// <param name="Answer">The measure that it arrives at, in degrees; null when it does not arrive at one.</param>
/// <param name="Warnings">What the teacher should know before the lesson does: house rules that cannot serve here.</param>
/// <param name="Window">The part of the sheet that it needs.</param>
/// <param name="Steps">The steps in order.</param>
public sealed record Script(
    string Key,
    Message Title,
    IReadOnlyList<Protractor> Instruments,
    double? Answer,
    IReadOnlyList<Message> Warnings,
    SheetWindow Window,
    IReadOnlyList<Step> Steps
)
{
    /// <summary>The sheet at the step that tells most of it: where most things lie on it, the later of equals. Without its writing.</summary>
    public SheetState Telling()
    {
        SheetState full = Steps.Select(s => s.State).Reverse().MaxBy(Things)!;
        return full with
        {
            Notes = [],
            Figures =
            [
                .. full.Figures.Select(f =>
                    f with
                    {
                        Names = null,
                        Written = null,
                        Spotlight = null,
                    }
                ),
            ],
        };
    }

    private static int Things(SheetState state) =>
        state.Figures.Count
        + state.Lines.Count
        + state.Dots.Count
        + state.CompassArcs.Count
        + state.Instruments.Count
        + state.Threads.Count
        + (state.Straightedge is null ? 0 : 1)
        + (state.Compass is null ? 0 : 1)
        + (state.Tracing is null ? 0 : 1);
}

/// <summary>One step of a demonstration.</summary>
/// <param name="Key">Short unique name within the script, such as <c>scale</c>.</param>
/// <param name="Label">One or two words for the list of steps.</param>
/// <param name="Question">What the class is asked before the step is shown, or null.</param>
/// <param name="Caption">What is said when it is shown.</param>
/// <param name="OwnLine">The teacher's own line at this step, or null.</param>
/// <param name="State">The sheet when it is shown.</param>
public sealed record Step(
    string Key,
    Message Label,
    Question? Question,
    Message Caption,
    string? OwnLine,
    SheetState State
);

/// <summary>A question to the class.</summary>
/// <param name="Text">The question.</param>
/// <param name="Choices">What they may say; empty for an open question.</param>
/// <param name="Answer">Index of the right choice, or -1 for an open question.</param>
public sealed record Question(Message Text, IReadOnlyList<Message> Choices, int Answer)
{
    /// <summary>A question without choices.</summary>
    public static Question Open(Message text) => new(text, [], -1);

    /// <summary>A question to be answered by yes or no.</summary>
    public static Question YesOrNo(Message text, bool yes) =>
        new(text, [Locales.Text.Units.Yes, Locales.Text.Units.No], yes ? 0 : 1);
}
