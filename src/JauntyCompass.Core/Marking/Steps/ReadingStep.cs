using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A number of degrees that is read on an instrument.</summary>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="context">The true context.</param>
/// <param name="reading">What was read, in degrees; null while nothing is.</param>
/// <param name="mistakes">The mistakes that can show in it.</param>
public sealed class ReadingStep(
    string key,
    Message title,
    MarkingContext context,
    double? reading,
    IReadOnlyList<InstrumentMistake> mistakes
) : InstrumentStep<Reading>(key, title, context, reading, mistakes, figure: null)
{
    /// <summary>Letters at the points of the angle, where the item has several; null where it has one.</summary>
    public AngleNames? Names { get; init; }

    /// <inheritdoc/>
    protected override Reading AnswerOf(double degrees) => new(degrees);
}
