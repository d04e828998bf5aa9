namespace JauntyCompass.Core.Demonstrations.WentWrong.Told;

/// <summary>A right angle not seen because it is tilted.</summary>
public sealed class TiltedRightAngle : ToldReplay
{
    private const double Tilt = 38;

    /// <inheritdoc/>
    public override string Key => "told-tilted-right-angle";

    /// <inheritdoc/>
    public override string Title => "What went wrong? A tilted right angle not seen";

    /// <inheritdoc/>
    public override double UsualMeasure => 90;

    /// <inheritdoc/>
    public override double LeastMeasure => 90;

    /// <inheritdoc/>
    public override double MostMeasure => 90;

    private protected override Telling Tell(DemonstrationTask task, Storyboard board) =>
        new(
            "Someone said: this one is acute.",
            ["it is tilted, and nobody turned the page", "the arms are too short", "it is acute"],
            0,
            "It is tilted. A right angle does not have to stand on a level line.",
            "Turn the page, or hold the corner of a sheet of paper to it: it fits.",
            $"A right angle, {board.Say.Degrees(90)}, whichever way it lies."
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task).TurnedBy(Tilt))
            {
                Names = task.Names,
                Mark = OpeningMark.None,
                Written = "acute?",
            }
        );

    private protected override void Right(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task))
            {
                Names = task.Names,
                Mark = OpeningMark.Box,
                Written = board.Say.Degrees(90),
            }
        );
}
