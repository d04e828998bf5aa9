using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Progress;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Progress;

public class StudentProgressTests
{
    private static Mark Right => Made(Verdict.Accepted, null);

    private static Mark Made(
        Verdict verdict,
        string? cause,
        double likelihood = 0.9,
        Evidence evidence = Evidence.Degrees
    ) =>
        new(
            MarkingRules.Version,
            verdict,
            2,
            50,
            0,
            null,
            cause is null
                ? []
                : [new Cause(cause, Text.Units.AsWritten(cause), likelihood, evidence)],
            cause,
            new Feedback(null, null),
            null
        );

    [Fact]
    public void A_student_who_made_no_mistake_has_no_cause()
    {
        StudentProgress progress = StudentProgress.Of([Right, Right], [Right, Right]);
        progress.ShouldBe(new StudentProgress(2, 2, null, 0));
    }

    [Fact]
    public void The_habit_is_looked_for_at_first_tries_and_the_success_at_last_ones()
    {
        Mark wrong = Made(Verdict.NotYet, "other-scale");
        StudentProgress progress = StudentProgress.Of([wrong, wrong, Right], [Right, wrong, Right]);
        progress.Answered.ShouldBe(3);
        progress.Accepted.ShouldBe(2);
        progress.LikelyCause.ShouldBe("other-scale");
        progress.Weight.ShouldBe(1.8, 1e-9);
    }

    [Fact]
    public void Wrong_degrees_weigh_more_than_flaws_on_the_sheet()
    {
        Mark flaw = Made(Verdict.Near, "arc-missing", 1, Evidence.Sheet);
        Mark wrong = Made(Verdict.NotYet, "other-scale", 0.9);
        StudentProgress.Of([flaw, wrong], [flaw, wrong]).LikelyCause.ShouldBe("other-scale");
        StudentProgress
            .Of([flaw, flaw, wrong], [flaw, flaw, wrong])
            .LikelyCause.ShouldBe("arc-missing");
    }

    [Fact]
    public void The_same_marks_in_another_order_give_the_same_cause()
    {
        Mark[] marks = [Made(Verdict.NotYet, "b", 0.5), Made(Verdict.NotYet, "a", 0.5), Right];
        StudentProgress.Of(marks, marks).LikelyCause.ShouldBe("a");
        StudentProgress.Of([.. marks.Reverse()], marks).LikelyCause.ShouldBe("a");
    }
}
