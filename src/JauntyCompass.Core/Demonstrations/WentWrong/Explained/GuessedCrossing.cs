using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>An arm too short, its crossing guessed: a few degrees off.</summary>
public sealed class GuessedCrossing()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-guessed-crossing",
            Text.Demonstrations.Explained.GuessedCrossing.Title
        )
    )
{
    // As far as a guess goes astray, in degrees. Common practice, no source.
    private const double Off = 4;
    private const double ShortShare = 0.55;

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsZero(task, errors);
    }

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.GuessedCrossing.Said(Guess(task)),
            [
                Text.Demonstrations.Explained.GuessedCrossing.Guess1,
                Text.Demonstrations.Explained.GuessedCrossing.Guess2,
                Text.Demonstrations.Explained.GuessedCrossing.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.GuessedCrossing.Happened(task.Names.EndRay),
            Text.Demonstrations.Explained.GuessedCrossing.Remedy,
            Text.Demonstrations.Explained.GuessedCrossing.Right(
                Math.Round(task.Angle.Measure.Degrees)
            )
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        StandardPlacement laying = LayingOf(task);
        board.Put(
            new Figure(Id, Short(task))
            {
                Names = task.Names,
                Written = Text.Units.DegreesQuestion(Guess(task)),
            }
        );
        Lay(board, laying);
        board.Sheet = board.Sheet with
        {
            Threads = [Count(laying, laying.Reading + Off, wrong: true)],
        };
    }

    private protected override void Right(DemonstrationTask task, Storyboard board)
    {
        StandardPlacement laying = LayingOf(task);
        board.Put(
            new Figure(Id, Short(task))
            {
                Names = task.Names,
                EndExtendedTo = task.Instrument.EdgeRadius + 12,
                Written = Text.Units.Degrees(task.Angle.Measure.Degrees),
            }
        );
        Lay(board, laying);
        board.Sheet = board.Sheet with { Threads = [Count(laying, laying.Reading, wrong: false)] };
    }

    private static double Guess(DemonstrationTask task) =>
        Math.Round(task.Angle.Measure.Degrees) + Off;

    private static Angle Short(DemonstrationTask task) =>
        Long(task) with
        {
            EndLength = task.Instrument.EdgeRadius * ShortShare,
        };

    private static StandardPlacement LayingOf(DemonstrationTask task) =>
        StandardPlacement.Of(Short(task), task.Names, task.Instrument)!;

    private static void Lay(Storyboard board, StandardPlacement laying) =>
        board.Lay(
            new LaidInstrument(Id, laying.Protractor.Id, laying.Placement)
            {
                InkedScale = laying.Scale,
            }
        );

    private static CountedThread Count(StandardPlacement laying, double to, bool wrong) =>
        new(Id, CountingThread.Along(laying.Protractor, laying.Placement, laying.Scale, to), wrong);
}
