using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The two digits written down the wrong way round: 47 becomes 74. Shows between 10 and 99 only.</summary>
public sealed class SwappedDigits : Mistake
{
    /// <inheritdoc/>
    public override string Key => "swapped-digits";

    /// <inheritdoc/>
    public override string Name => "swapped the digits";

    /// <inheritdoc/>
    public override double Prior => 0.03;

    /// <inheritdoc/>
    public override void Predict(Situation situation, DrawnFigure? figure, ref Outcomes outcomes)
    {
        int whole = (int)Math.Round(situation.Seen);
        if (whole is < 10 or > 99 || whole % 11 == 0)
        {
            return;
        }
        int swapped = whole % 10 * 10 + whole / 10;
        if (situation.Result(swapped) is double result)
        {
            outcomes.Add(result);
        }
    }

    /// <inheritdoc/>
    public override Feedback Tell(MistakeStory story) =>
        new(
            story.Praise,
            "Both digits are there, but they changed places.",
            "Read your number aloud and hold it against what you wrote."
        );

    /// <inheritdoc/>
    public override Slip? Show(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double answer = read % 10 * 10 + Math.Floor(read / 10);
        return read is < 12 or >= 100 || Math.Abs(answer - read) < 1
            ? null
            : new Slip(laid.Placement, laid.Advice.ScaleIndex, read, answer);
    }
}
