using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations;

/// <summary>What is to be demonstrated on.</summary>
/// <param name="Angle">The angle: to be measured, or to be drawn on its start arm.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Names">Letters at its points.</param>
/// <param name="Rules">How the class does things.</param>
/// <param name="Placement">For a replay: how the instrument really lay, or null for the way the mistake is usually made.</param>
/// <param name="Answer">For a replay: what was really answered, in degrees, or null.</param>
/// <param name="BaseRayGiven">For drawings: whether the base ray stands on the sheet already.</param>
public sealed record DemonstrationTask(
    Angle Angle,
    Protractor Instrument,
    AngleNames Names,
    HouseRules Rules,
    Placement? Placement = null,
    double? Answer = null,
    bool BaseRayGiven = true
);

/// <summary>Under which heading of the Board's list a demonstration stands.</summary>
public enum DemonstrationGroup
{
    /// <summary>The lesson's beginning and end.</summary>
    Lesson,

    /// <summary>Words and names.</summary>
    Words,

    /// <summary>Estimating.</summary>
    Estimating,

    /// <summary>Measuring.</summary>
    Measuring,

    /// <summary>Drawing.</summary>
    Drawing,

    /// <summary>Reflex angles.</summary>
    Reflex,

    /// <summary>Compass and straightedge.</summary>
    Constructing,

    /// <summary>Working out angles by algebra.</summary>
    Algebra,

    /// <summary>Two triangles.</summary>
    Triangles,

    /// <summary>What went wrong?</summary>
    WentWrong,
}

/// <summary>What the Board's list and its address know of a demonstration.</summary>
/// <param name="Key">Short unique name, such as <c>measure</c>.</param>
/// <param name="Group">Its heading.</param>
/// <param name="Title">What a teacher calls it.</param>
/// <param name="Summary">What the class sees, in one sentence.</param>
public sealed record DemonstrationFacts(
    string Key,
    DemonstrationGroup Group,
    Message Title,
    Message Summary
)
{
    /// <summary>The measure with which it is opened by one press, in degrees.</summary>
    public double UsualMeasure { get; init; } = 64;

    /// <summary>Length of the end arm with which it is opened by one press, in mm.</summary>
    public double UsualEndLength { get; init; } = 90;

    /// <summary>The instrument with which it is opened by one press.</summary>
    public Protractor UsualInstrument { get; init; } = InstrumentCatalogue.DeskHalfCircle;

    /// <summary>The smallest measure it can show, in degrees.</summary>
    public double LeastMeasure { get; init; } = 1;

    /// <summary>The largest measure it can show, in degrees.</summary>
    public double MostMeasure { get; init; } = 359;

    /// <summary>Why its measures are limited, as a sentence.</summary>
    public Message WhyMeasure { get; init; } = Text.Demonstrations.Why.NothingToMeasure;
}

/// <summary>
/// A demonstration that the Board can play. It builds a script from a task and decides nothing by itself that a house rule
/// decides. A new one is a type of its own and one line in <see cref="DemonstrationCatalogue"/>.
/// </summary>
/// <param name="facts">What the Board's list knows of it.</param>
public abstract class Demonstration(DemonstrationFacts facts)
{
    /// <summary>What the Board's list knows of it.</summary>
    public DemonstrationFacts Facts { get; } = facts;

    /// <summary>Its short unique name.</summary>
    public string Key => Facts.Key;

    /// <summary>What a teacher calls it.</summary>
    public Message Title => Facts.Title;

    /// <summary>What it is opened on by one press.</summary>
    public DemonstrationTask UsualTask =>
        new(
            new Angle(
                default,
                default,
                new Measure(Facts.UsualMeasure),
                TurnDirection.Anticlockwise,
                UsualStartLength,
                Facts.UsualEndLength
            ),
            Facts.UsualInstrument,
            AngleNames.Usual,
            HouseRules.Usual
        );

    private const double UsualStartLength = 90;

    /// <summary>Names what of a task it cannot show. The task's parts are checked already.</summary>
    public virtual void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        double measure = task.Angle.Measure.Degrees;
        if (measure < Facts.LeastMeasure || measure > Facts.MostMeasure)
        {
            errors.Add(
                "angle.measure",
                Text.Demonstrations.Problem.Measure(
                    Facts.LeastMeasure,
                    Facts.MostMeasure,
                    Title,
                    Facts.WhyMeasure
                )
            );
        }
    }

    /// <summary>Builds the script of a task that passes <see cref="Validate"/>.</summary>
    public abstract Script Build(DemonstrationTask task);
}
