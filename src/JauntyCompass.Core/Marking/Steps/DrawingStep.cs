using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>An angle that is drawn with an instrument.</summary>
/// <param name="title">What it is called in a mark.</param>
/// <param name="context">The true context.</param>
/// <param name="figure">What was drawn; null while nothing is.</param>
/// <param name="mistakes">The mistakes that can show in it.</param>
/// <param name="key">Short unique name within the item.</param>
public sealed class DrawingStep(
    Message title,
    MarkingContext context,
    DrawnFigure? figure,
    IReadOnlyList<InstrumentMistake> mistakes,
    string key = "drawing"
) : InstrumentStep<DrawnAngle>(key, title, context, figure?.Value, mistakes, figure)
{
    /// <summary>Whether the number that is drawn had to be worked out first: to name it would give it away.</summary>
    public bool IsWorkedOut { get; init; }

    /// <summary>
    /// Whether what is asked is the reflex angle, of which the instrument shows the smaller one between the same arms: it is told and
    /// answered as what is left of 360.
    /// </summary>
    public bool OfReflex { get; init; }

    /// <inheritdoc/>
    protected override DrawnAngle AnswerOf(double degrees) =>
        new(OfReflex ? 360 - degrees : degrees);

    /// <inheritdoc/>
    protected override Judgement OfTheAsked(Judgement judged) =>
        OfReflex
            ? judged with
            {
                Value = 360 - judged.Value,
                Error = -judged.Error,
                Parts = judged.Parts?.Opposite,
            }
            : judged;
}
