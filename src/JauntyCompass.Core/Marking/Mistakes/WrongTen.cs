using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The right graduation, counted on from the wrong ten: A ± 10.</summary>
public sealed class WrongTen : Mistake
{
    private const double Interval = 10;

    /// <inheritdoc/>
    public override string Key => "wrong-ten";

    /// <inheritdoc/>
    public override string Name => "took the ones from the wrong ten";

    /// <inheritdoc/>
    public override double Prior => 0.11;

    /// <inheritdoc/>
    public override string Remedy =>
        "Count aloud in tens up to the last label before the arm, and only then the ones.";

    /// <inheritdoc/>
    public override void Predict(Situation situation, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (situation.Result(situation.Seen - Interval) is double below)
        {
            outcomes.Add(below);
        }
        if (situation.Result(situation.Seen + Interval) is double above)
        {
            outcomes.Add(above);
        }
    }

    /// <inheritdoc/>
    public override Feedback Tell(MistakeStory story) =>
        new(
            story.Praise,
            "Your ones are right, but they belong to another ten.",
            story.Situation.Activity == Activity.Measuring
                ? $"Say the labels aloud as you pass them. Which is the last before the {story.Words.Arm}?"
                : "Say the labels aloud as you pass them. Which is the last before your measure?"
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);

    /// <inheritdoc/>
    public override Slip? Show(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double answer =
            read + (read + Interval <= laid.Protractor.FullScale ? Interval : -Interval);
        return laid.Protractor.LabelEvery == (int)Interval
            ? new Slip(laid.Placement, laid.Advice.ScaleIndex, read, answer)
            : null;
    }

    /// <inheritdoc/>
    public override DrawnSlip? ShowDrawn(Angle asked, Protractor instrument) =>
        asked.Measure.Degrees + Interval <= 180
            ? DrawnSlip.Well(
                asked with
                {
                    Measure = new Measure(asked.Measure.Degrees + Interval),
                },
                instrument
            )
            : null;
}
