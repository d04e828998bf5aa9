using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Each small graduation was taken for two degrees, or for five: the ones multiplied.</summary>
public sealed class GraduationsAsTwoOrFive : Mistake
{
    /// <inheritdoc/>
    public override string Key => "graduations-as-two-or-five";

    /// <inheritdoc/>
    public override string Name => "took each graduation for two or five degrees";

    /// <inheritdoc/>
    public override double Prior => 0.012;

    /// <inheritdoc/>
    public override string Remedy =>
        "Count the spaces between two labels together: ten, so each is one degree.";

    /// <inheritdoc/>
    public override void Predict(Situation situation, DrawnFigure? figure, ref Outcomes outcomes)
    {
        double seen = Math.Round(situation.Seen);
        double ones = seen % 10;
        if (ones == 0)
        {
            return;
        }
        if (situation.Result(seen + ones) is double two)
        {
            outcomes.Add(two);
        }
        if (situation.Result(seen + 4 * ones) is double five)
        {
            outcomes.Add(five);
        }
    }

    /// <inheritdoc/>
    public override Feedback Tell(MistakeStory story) =>
        new(
            story.Praise,
            "Your ten is right. After it, each small graduation was counted for more than one degree.",
            "Count the small steps between two labels: there are ten, so each is one degree."
        );

    /// <inheritdoc/>
    public override Slip? Show(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double ones = read % 10;
        return
            ones is 0 or 1
            || laid.Protractor.SmallestGraduation > 1
            || read + ones > laid.Protractor.FullScale
            ? null
            : new Slip(laid.Placement, laid.Advice.ScaleIndex, read, read + ones);
    }
}
