using JauntyCompass.Core.Demonstrations.Clocks;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Clock;

/// <summary>What is asked of a clock.</summary>
public enum ClockQuestion
{
    /// <summary>The smaller angle between the hands.</summary>
    BetweenHands,

    /// <summary>How far the minute hand turns in some minutes.</summary>
    MinuteHand,

    /// <summary>How far the hour hand turns in some minutes.</summary>
    HourHand,
}

/// <summary>A clock and a question about its hands.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Question">What is asked.</param>
/// <param name="Hour">The hour shown, 0 to 11.</param>
/// <param name="Minute">The minute shown, 0 to 59.</param>
/// <param name="Minutes">How many minutes pass, 0 to 720; 0 when the angle between the hands is asked.</param>
public sealed record ClockItem(
    Message Prompt,
    ClockQuestion Question,
    int Hour,
    int Minute,
    int Minutes
) : Item(Prompt)
{
    /// <summary>The right answer, in degrees.</summary>
    public double Truth =>
        Question switch
        {
            ClockQuestion.MinuteHand => 6.0 * Minutes,
            ClockQuestion.HourHand => 0.5 * Minutes,
            _ => ClockFace.Between(Hour, Minute),
        };

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Known("question", Question);
        errors.Range("hour", Hour, 0, 11);
        errors.Range("minute", Minute, 0, 59);
        errors.Range("minutes", Minutes, 0, 720, Unit.Minutes);
    }
}

/// <summary>The number of degrees that a student works out.</summary>
/// <param name="Answer">Degrees, 0 to 4320.</param>
public sealed record ClockResponse(double Answer) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors) =>
        errors.Range("answer", Answer, 0, 4320, Unit.Degrees);
}
