using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong;

/// <summary>What a told mistake says and asks; the sheet beside it is the mistake's own.</summary>
/// <param name="Said">What someone said, wrote or drew.</param>
/// <param name="Guesses">What the class may guess.</param>
/// <param name="Answer">Index of the right guess.</param>
/// <param name="Happened">What happened, in one kind sentence or two.</param>
/// <param name="Remedy">What to do.</param>
/// <param name="Right">What is seen once it is done right.</param>
internal sealed record Explanation(
    Message Said,
    IReadOnlyList<Message> Guesses,
    int Answer,
    Message Happened,
    Message Remedy,
    Message Right
);

/// <summary>
/// A mistake that is seen on the sheet and in no single number: it is shown, guessed, told and put right. Those that lead to
/// a number are replayed from the catalogue of mistakes.
/// </summary>
/// <param name="facts">What the Board's list knows of it.</param>
public abstract class ExplainedReplay(DemonstrationFacts facts) : Demonstration(facts)
{
    /// <summary>The figure of the sheet.</summary>
    protected const string Id = "angle";

    /// <summary>What the list knows of a told mistake.</summary>
    private protected static DemonstrationFacts ExplainedFacts(string key, Message title) =>
        new(
            key,
            DemonstrationGroup.WentWrong,
            title,
            Text.Demonstrations.WentWrong.SummaryExplained
        )
        {
            LeastMeasure = 10,
            MostMeasure = 170,
            WhyMeasure = Text.Demonstrations.Why.WouldNotShow,
        };

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Explanation explanation = Explain(task, board);
        Wrong(task, board);
        board.Step("answer", Text.Demonstrations.Labels.Answer, explanation.Said);
        Guessing.Silence(board);
        board.Step(
            "guess",
            Text.Demonstrations.Labels.Guess,
            Text.Demonstrations.WentWrong.LookClosely,
            Guessing.Of(
                Text.Demonstrations.WentWrong.ExplainedQuestion,
                explanation.Guesses[explanation.Answer],
                explanation.Guesses.Where((_, i) => i != explanation.Answer),
                Key,
                task.Angle.Measure.Degrees
            )
        );
        board.Step("happened", Text.Demonstrations.Labels.WhatHappened, explanation.Happened);
        board.Step("remedy", Text.Demonstrations.Labels.WhatHelps, explanation.Remedy);
        board.Sheet = new SheetState();
        Right(task, board);
        board.Step("right", Text.Demonstrations.Labels.DoneRight, explanation.Right);
        return board.Script(
            Key,
            Title,
            IsAboutMeasure ? task.Angle.Measure.Degrees : null,
            task.Instrument
        );
    }

    /// <summary>Whether it arrives at the measure of the task.</summary>
    private protected virtual bool IsAboutMeasure => true;

    /// <summary>What is said, asked and told.</summary>
    private protected abstract Explanation Explain(DemonstrationTask task, Storyboard board);

    /// <summary>The sheet with the mistake.</summary>
    private protected abstract void Wrong(DemonstrationTask task, Storyboard board);

    /// <summary>The sheet without it.</summary>
    private protected virtual void Right(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task))
            {
                Names = task.Names,
                Mark = OpeningMarks.Of(task.Angle),
                Written = Text.Units.Degrees(task.Angle.Measure.Degrees),
            }
        );

    /// <summary>The angle of the task with arms that pass the graduations.</summary>
    private protected static Angle Long(DemonstrationTask task) =>
        task.Angle with
        {
            StartLength = task.Instrument.EdgeRadius + 13,
            EndLength = task.Instrument.EdgeRadius + 13,
        };
}
