using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Lesson;

/// <summary>
/// The lesson's questions. At the beginning they are only asked: what the instrument measures, why it has the scales it has, how it is
/// done. At the end the class answers them.
/// </summary>
public sealed class LessonQuestions : Demonstration
{
    private const string Id = "angle";

    private readonly bool _atTheEnd;

    private LessonQuestions(bool atTheEnd)
        : base(
            new DemonstrationFacts(
                atTheEnd ? "lesson-end" : "lesson-beginning",
                DemonstrationGroup.Lesson,
                atTheEnd
                    ? Text.Demonstrations.LessonQuestions.TitleEnd
                    : Text.Demonstrations.LessonQuestions.TitleBeginning,
                atTheEnd
                    ? Text.Demonstrations.LessonQuestions.SummaryEnd
                    : Text.Demonstrations.LessonQuestions.SummaryBeginning
            )
        ) => _atTheEnd = atTheEnd;

    /// <summary>Asked, and left open.</summary>
    public static LessonQuestions AtTheBeginning { get; } = new(atTheEnd: false);

    /// <summary>Asked again, and answered.</summary>
    public static LessonQuestions AtTheEnd { get; } = new(atTheEnd: true);

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsZero(task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument)!;
        board.Put(
            new Figure(Id, task.Angle) { Names = task.Names, Mark = OpeningMarks.Of(task.Angle) }
        );
        var steps = new MeasuringSteps(board, Id, laying);
        steps.LayAtOnce();
        Ask(
            board,
            "what",
            Text.Demonstrations.Labels.WhatFor,
            Text.Demonstrations.LessonQuestions.What,
            Text.Demonstrations.LessonQuestions.WhatAnswer
        );
        if (task.Instrument.Scales.Count > 1)
        {
            Ask(
                board,
                "scales",
                Text.Demonstrations.Labels.TwoScales,
                Text.Demonstrations.LessonQuestions.Scales,
                Text.Demonstrations.LessonQuestions.ScalesAnswer
            );
        }
        if (_atTheEnd)
        {
            steps.LayReady();
            steps.OpenLens();
            steps.Thread(0, laying.Reading);
        }
        Ask(
            board,
            "how",
            Text.Demonstrations.Labels.HowDone,
            Text.Demonstrations.LessonQuestions.How,
            Text.Demonstrations.LessonQuestions.HowAnswer
        );
        return board.Script(Key, Title, null, task.Instrument);
    }

    private void Ask(Storyboard board, string key, Message label, Message question, Message answer)
    {
        if (_atTheEnd)
        {
            board.Step(key, label, answer, Question.Open(question));
        }
        else
        {
            board.Step(key, label, question);
        }
    }
}
