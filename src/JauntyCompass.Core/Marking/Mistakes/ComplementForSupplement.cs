using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>It was filled up to 90 instead of 180: the supplement, less a right angle.</summary>
public sealed class ComplementForSupplement : InstrumentMistake, IDrawingReplay
{
    private const double RightAngle = 90;

    // Nearer to the base ray nobody sees a second one, in degrees.
    private const double LeastShown = 5;

    /// <inheritdoc/>
    public override string Key => "complement-for-supplement";

    /// <inheritdoc/>
    public override string Name => "filled up to a right angle instead of a straight one";

    /// <inheritdoc/>
    public override double Prior => 0.12;

    /// <inheritdoc/>
    public override string Remedy => "Lay both pairs along a corner and along an edge.";

    /// <inheritdoc/>
    public override string? Demonstration => "draw-supplement";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Result(context.StartingNumber - RightAngle) is double complement)
        {
            outcomes.Add(complement);
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Together the two make a right angle. A supplement fills up a straight line.",
            "Draw the whole straight line first, then the ray."
        );

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument) =>
        asked.Measure.Degrees - RightAngle >= LeastShown
            ? DrawingExample.Well(
                asked with
                {
                    Measure = new Measure(asked.Measure.Degrees - RightAngle),
                },
                instrument
            )
            : null;
}
