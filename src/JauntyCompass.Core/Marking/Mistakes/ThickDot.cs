using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The dot was dragged or made with a blunt point: at the rim a degree is hardly more than a millimetre.</summary>
public sealed class ThickDot : InstrumentMistake
{
    // A dot no wider than this, in mm, still tells the degree. Common practice, no source.
    private const double Limit = 1.5;
    private const double Noise = 0.3;

    /// <inheritdoc/>
    public override string Key => "thick-dot";

    /// <inheritdoc/>
    public override string Name => "made a thick or dragged dot";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string? Demonstration => "told-blunt-point";

    /// <inheritdoc/>
    public override string Remedy =>
        "Sharpen pencils first; have the dot set down and lifted, not rubbed in.";

    /// <inheritdoc/>
    public override Observation? Observe(DrawnFigure figure) =>
        figure.Dot is null
            ? null
            : new Observation(
                figure.DotWidth,
                HandNoise.Beyond(figure.DotWidth, Limit, Noise),
                Serious: false
            );

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your dot is {Numbers.Millimetres(story.Figure?.DotWidth ?? 0)} wide, and that is more than a degree.",
            "Set the sharp point down and lift it again: a dot is only as large as the point."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) =>
        story.Figure?.Dot is Point dot
            ? new MarkPicture { Rings = [new PictureRing(dot, 4)] }
            : null;
}
