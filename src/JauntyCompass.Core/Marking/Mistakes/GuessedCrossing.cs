using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The arm ends before the graduations, and where it would cross them was guessed.</summary>
public sealed class GuessedCrossing : InstrumentMistake
{
    // An arm that ends so far before the graduations can still be read, in mm; farther, a guess strays, in degrees. Common practice, no source.
    private const double StillRead = 4;
    private const double Spread = 4;

    /// <inheritdoc/>
    public override string Key => "guessed-crossing";

    /// <inheritdoc/>
    public override string Name => "guessed where a short arm would cross";

    /// <inheritdoc/>
    public override double Prior => 0.05;

    /// <inheritdoc/>
    public override string Remedy =>
        "Draw every short arm on with the straightedge before the protractor is laid on; rub it out afterwards.";

    /// <inheritdoc/>
    public override string? Demonstration => "told-guessed-crossing";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Activity == Activity.Measuring && Missing(context) > StillRead)
        {
            outcomes.Add(context.StartingNumber, Spread);
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"The {story.Words.Arm} ends before the graduations, so you had to guess where it would cross them.",
            $"Draw the {story.Words.Arm} on with the {story.Words.Straightedge}, exactly along itself. Then read again."
        );

    // Which arm is read is known only when it is known how the instrument lay.
    private static double Missing(MarkingContext context)
    {
        double length = context.Laid is LaidAngle laid
            ? context.Angle[laid.Alignment.ReadArm].Length
            : Math.Min(context.Angle.StartLength, context.Angle.EndLength);
        return context.Instrument.EdgeRadius - length;
    }
}
