using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations;

/// <summary>A demonstration: all its steps, each with the whole state of the sheet, so that stepping needs nothing else.</summary>
/// <param name="Title">What is demonstrated.</param>
/// <param name="Names">Letters at the angle's points.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Answer">The measure that the demonstration arrives at, in degrees.</param>
/// <param name="Steps">The steps in order.</param>
public sealed record Script(
    string Title,
    AngleNames Names,
    Protractor Instrument,
    double Answer,
    IReadOnlyList<Step> Steps
);

/// <summary>One step of a demonstration.</summary>
/// <param name="Key">Short unique name within the script, such as <c>scale</c>.</param>
/// <param name="Label">One or two words for the list of steps.</param>
/// <param name="Question">What the class is asked before the step is shown, or null.</param>
/// <param name="Caption">What is said when it is shown.</param>
/// <param name="State">The sheet when it is shown.</param>
public sealed record Step(
    string Key,
    string Label,
    Question? Question,
    string Caption,
    SheetState State
);

/// <summary>A question to the class.</summary>
/// <param name="Text">The question.</param>
/// <param name="Choices">What they may say; empty for an open question.</param>
/// <param name="Answer">Index of the right choice, or -1 for an open question.</param>
public sealed record Question(string Text, IReadOnlyList<string> Choices, int Answer);

/// <summary>The whole state of the sheet at one step. Each state stands for itself: it does not depend on how one got there.</summary>
public sealed record SheetState
{
    /// <summary>The angle, lying as it lies at this step.</summary>
    public required Angle Angle { get; init; }

    /// <summary>Length to which the start arm is extended, in mm, or null when it is not.</summary>
    public double? StartExtendedTo { get; init; }

    /// <summary>Length to which the end arm is extended, in mm, or null when it is not.</summary>
    public double? EndExtendedTo { get; init; }

    /// <summary>Where the instrument lies, or null while it is still in its tray.</summary>
    public Placement? Placement { get; init; }

    /// <summary>Name of the scale that is inked while the others are ghosted; null: all alike.</summary>
    public string? InkedScale { get; init; }

    /// <summary>The counting thread, or null.</summary>
    public CountingThread? Thread { get; init; }

    /// <summary>What is written beside the arc, or null.</summary>
    public string? Written { get; init; }

    /// <summary>The arm the step is about, or null.</summary>
    public WhichArm? Spotlight { get; init; }
}
