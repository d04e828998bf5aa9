using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Presentation;

/// <summary>An item as it lies before the student: the sheet, the instrument in hand, what is asked.</summary>
/// <param name="Kind">Key of the kind of exercise.</param>
/// <param name="Prompt">The task.</param>
/// <param name="Sheet">What stands on the sheet.</param>
/// <param name="Window">The part of the sheet that it needs.</param>
/// <param name="Asks">What is asked, in order.</param>
public sealed record ItemView(
    string Kind,
    Message Prompt,
    SheetState Sheet,
    SheetWindow Window,
    IReadOnlyList<Ask> Asks
)
{
    /// <summary>The window of an item that needs no other: a sheet 220 mm wide and 184 mm high.</summary>
    public static SheetWindow UsualWindow { get; } = new(-110, -92, 220, 184);

    // What an instrument of the usual size leaves of the usual window above its rim: room for an arm and its letter.
    private const double RoomBeyondRim = 17;

    /// <summary>The usual window, or a larger one of the same shape where the instrument needs it.</summary>
    public static SheetWindow WindowFor(Protractor instrument)
    {
        double larger = (instrument.EdgeRadius + RoomBeyondRim) / -UsualWindow.Bottom;
        return larger <= 1
            ? UsualWindow
            : new SheetWindow(
                UsualWindow.Left * larger,
                UsualWindow.Bottom * larger,
                UsualWindow.Width * larger,
                UsualWindow.Height * larger
            );
    }

    /// <summary>The instrument that is in the student's hand; null when there is none, or when it lies there already.</summary>
    public Protractor? InHand { get; init; }

    /// <summary>The instrument that lies on the sheet from the beginning, to be read as it lies; null when none does.</summary>
    public Protractor? Laid { get; init; }

    /// <summary>The ruler that is in the student's hand; null where there is none.</summary>
    public Ruler? Ruler { get; init; }

    /// <summary>For a drawing: what it begins with; null for other items.</summary>
    public DrawingTask? Drawing { get; init; }
}

/// <summary>What a drawing begins with.</summary>
/// <param name="BaseRay">The base ray; null where the student draws it, too.</param>
/// <param name="Opening">Which way round from it the angle shall open.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record DrawingTask(BaseRay? BaseRay, TurnDirection Opening, AngleNames Names);
