namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Nothing in particular: the right way, a little beside the right graduation.</summary>
public sealed class SlipOfTheEye : InstrumentMistake
{
    private const double Spread = 1;

    /// <inheritdoc/>
    public override string Key => "slip";

    /// <inheritdoc/>
    public override string Name => "strayed a graduation or two";

    /// <inheritdoc/>
    public override double Prior => 0.12;

    /// <inheritdoc/>
    public override string Remedy => "Read once more with the eye straight above the graduation.";

    /// <inheritdoc/>
    public override string? Demonstration => "in-between";

    /// <inheritdoc/>
    public override bool CanBeHabit => false;

    /// <inheritdoc/>
    public override void Predict(
        MarkingContext context,
        DrawnFigure? figure,
        ref Outcomes outcomes
    ) => outcomes.Add(context.Measure, Spread);

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        story.Context.Activity == Activity.Measuring
            ? new Feedback(
                story.Praise,
                "You are on the right scale and in the right ten; only the last graduations slipped.",
                "Look straight down on the rim and count the ones once more."
            )
            : new Feedback(
                story.Praise,
                "You did the right thing; it came out a graduation or two beside.",
                "Make a small sharp dot and look straight down on the rim."
            );
}
