using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The angle was drawn on the other side of the base ray than was asked.</summary>
public sealed class OpensWrongWay : InstrumentMistake, IDrawingReplay
{
    // A ray this close to the base ray, in degrees, opens neither way.
    private const double Noticeable = 3;

    /// <inheritdoc/>
    public override string Key => "opens-wrong-way";

    /// <inheritdoc/>
    public override string Name => "drew the angle on the other side of the ray";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy =>
        "Point with the hand where the angle will open before the protractor is laid on.";

    /// <inheritdoc/>
    public override Observation? Observe(DrawnFigure figure) =>
        figure.Turn < -Noticeable ? new Observation(1, 1, Serious: true) : null;

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Your angle opens to the other side of the ray than the one asked for.",
            "Turn the protractor so that its rim lies on the side with the small arrow, and dot there."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        Angle asked = story.Context.Angle;
        Point from = asked.Vertex.Towards(asked.Start, 40);
        // An arrow across the opening, not along the missing ray: the side is shown, the measure is not.
        Point to = from.Towards(asked.Start.Turned(asked.Opening.Sign() * 90), 18);
        return new MarkPicture
        {
            Lines = [new PictureLine(from, to, Arrow: true)],
            Note = new PictureNote(
                "open it this way",
                to.Towards(asked.Start.Turned(asked.Opening.Sign() * 90), 8)
            ),
        };
    }

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument) =>
        asked.Measure.Degrees < 175
            ? DrawingExample.Well(asked with { Opening = asked.Opening.Reversed() }, instrument)
            : null;
}
