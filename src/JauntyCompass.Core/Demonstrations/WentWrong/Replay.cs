using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Demonstrations.Reflex;
using JauntyCompass.Core.Demonstrations.WentWrong.Replays;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong;

/// <summary>
/// A wrong answer is given; the class guesses what happened; the mistake is made again on the sheet and then it is done right.
/// </summary>
/// <param name="mistake">The mistake that is replayed.</param>
public sealed class Replay(Mistake mistake)
    : Demonstration(
        new DemonstrationFacts(
            "wrong-" + mistake.Key,
            DemonstrationGroup.WentWrong,
            Text.Demonstrations.WentWrong.Title(mistake.Name),
            Text.Demonstrations.WentWrong.Summary
        )
        {
            UsualInstrument = mistake.ShownOn,
            UsualMeasure = ReplayDemonstrations.ShowsAt(mistake, 64) ? 64 : 237,
        }
    )
{
    private const string Id = "angle";

    // What lies so little off, in mm or degrees, is told as nothing at all.
    private const double WorthSaying = 0.5;

    /// <summary>The mistake that is replayed.</summary>
    public string Mistake => mistake.Key;

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (!errors.None)
        {
            return;
        }
        if (
            StandardPlacement.Of(task.Angle, task.Names, task.Instrument)
            is not StandardPlacement laying
        )
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NoZero);
        }
        else if (SlipOf(task, laying) is null)
        {
            errors.Add(
                "angle.measure",
                Text.Demonstrations.Problem.MistakeDoesNotShow(task.Angle.Measure.Degrees)
            );
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument)!;
        MeasuringExample slip = SlipOf(task, laying)!;
        board.Put(
            new Figure(Id, task.Angle)
            {
                Names = task.Names,
                Mark = OpeningMarks.Of(task.Angle),
                Written = Text.Units.DegreesQuestion(slip.Answer),
            }
        );
        var steps = new MeasuringSteps(board, Id, laying);
        steps.LayAtOnce();
        board.Lift(Id);
        Answer(board, task, laying, slip);
        Again(board, laying, slip, task);
        board.Lift(Id);
        board.Sheet = board.Sheet with { Notes = [] };
        Right(board, steps, task);
        return board.Script(
            Key,
            Text.Demonstrations.WentWrong.Named(slip.Answer),
            task.Angle.Measure.Degrees,
            task.Instrument
        );
    }

    private void Answer(
        Storyboard board,
        DemonstrationTask task,
        StandardPlacement laying,
        MeasuringExample slip
    )
    {
        board.Step(
            "answer",
            Text.Demonstrations.Labels.Answer,
            Text.Demonstrations.WentWrong.Answer(slip.Answer)
        );
        Guessing.Silence(board);
        // As it was done: what is asked next is about what lies there.
        board.Lay(new LaidInstrument(Id, laying.Protractor.Id, slip.Placement));
        board.Step(
            "guess",
            Text.Demonstrations.Labels.Guess,
            Text.Demonstrations.WentWrong.Guess(mistake.Name),
            Guessing.Of(
                Text.Demonstrations.WentWrong.GuessQuestion(slip.Answer),
                mistake.Name,
                ReplayDemonstrations.OtherGuesses(mistake, LaidIn(task, laying), slip.Answer),
                Key,
                task.Angle.Measure.Degrees
            )
        );
    }

    private void Again(
        Storyboard board,
        StandardPlacement laying,
        MeasuringExample slip,
        DemonstrationTask task
    )
    {
        Protractor protractor = laying.Protractor;
        LaidAngle laid = LaidAngle.Of(laying.Angle, protractor, slip.Placement, WhichArm.Start);
        if (
            laid.Alignment.CentreOffset >= WorthSaying
            || Math.Abs(laid.Alignment.ZeroLineOff) >= WorthSaying
        )
        {
            board.Step(
                "lying",
                Text.Demonstrations.Labels.HowItWas,
                Text.Demonstrations.WentWrong.HowItWas(
                    PlacementSentences.Centre(laid),
                    PlacementSentences.Line(laid)
                ),
                Question.Open(Text.Demonstrations.WentWrong.HowItWasQuestion)
            );
        }
        board.Lay(
            new LaidInstrument(Id, protractor.Id, slip.Placement) { InkedScale = slip.Scale }
        );
        board.Sheet = board.Sheet with
        {
            Threads =
            [
                new CountedThread(
                    Id,
                    CountingThread.Along(protractor, slip.Placement, slip.Scale, slip.CountedTo),
                    Wrong: true
                ),
            ],
        };
        MarkingContext context = MarkingContext.Measuring(task.Angle, protractor, slip.Placement);
        Feedback feedback = ReplayDemonstrations.Explain(
            mistake,
            new MistakeStory(context, slip.Answer, Figure: null),
            IsReflexOnHalfCircle(task) ? ReflexText.Chosen(task) : task.Rules.Reflex
        );
        board.Step(
            "watch",
            Text.Demonstrations.Labels.Watch,
            Text.Demonstrations.WentWrong.WatchQuestion
        );
        board.Step("replay", Text.Demonstrations.Labels.WhatHappened, feedback.Happened!);
        board.Step("remedy", Text.Demonstrations.Labels.WhatHelps, feedback.Next!);
    }

    private static bool IsReflexOnHalfCircle(DemonstrationTask task) =>
        task.Angle.Measure.Kind == AngleKind.Reflex
        && task.Instrument.Shape == ProtractorShape.HalfCircle;

    private static void Right(Storyboard board, MeasuringSteps steps, DemonstrationTask task)
    {
        if (IsReflexOnHalfCircle(task))
        {
            double result = ReflexRoutes.Measure(
                board,
                Id,
                task.Angle,
                task,
                ReflexText.Chosen(task)
            );
            steps.Write(task.Names.Full, result);
            return;
        }
        steps.LayAtOnce();
        steps.ChooseScale();
        steps.Count();
        steps.Write(task.Names.Full, steps.StandardPlacement.Rounded);
    }

    // A reflex angle is shown whole, though the smaller one beside it is what a half circle reads.
    private static LaidAngle LaidIn(DemonstrationTask task, StandardPlacement laying) =>
        laying.Angle.Measure == task.Angle.Measure
            ? laying.Laid
            : LaidAngle.Of(
                task.Angle,
                laying.Protractor,
                laying.Placement,
                laying.Angle.Start == task.Angle.Start ? WhichArm.Start : WhichArm.End
            );

    private MeasuringExample? SlipOf(DemonstrationTask task, StandardPlacement laying)
    {
        MeasuringExample? usual = ReplayCatalogue.Measuring(mistake)!.Replay(LaidIn(task, laying));
        if (usual is null)
        {
            return null;
        }
        // From a student's own answer: the way the instrument really lay, and what was really written.
        return usual with
        {
            Placement = task.Placement ?? usual.Placement,
            Answer = task.Answer ?? usual.Answer,
        };
    }
}
