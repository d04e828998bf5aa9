using System.Globalization;
using System.Text.RegularExpressions;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.WentWrong;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Demonstrations;

/// <summary>What a demonstration says must be true of what the class sees.</summary>
public partial class SaidOnTheBoardTests
{
    // In a class nobody is told that it was them.
    [Fact]
    public void What_went_wrong_was_done_by_nobody_in_the_class()
    {
        int told = 0;
        foreach (Demonstration shown in ReplayDemonstrations.All)
        {
            DemonstrationTask task = Task(
                shown,
                shown.Facts.UsualMeasure,
                shown.Facts.UsualInstrument
            );
            var errors = new ValidationErrors();
            shown.Validate(task, errors);
            if (!errors.None)
            {
                continue;
            }
            foreach (
                Step step in shown.Build(task).Steps.Where(s => s.Key is "happened" or "replay")
            )
            {
                step.Caption.SaidToClass().ShouldNotMatch(@"\b[Yy]ours?\b|\b[Yy]ou\b", shown.Key);
                told++;
            }
        }
        told.ShouldBeGreaterThan(20);
    }

    private static readonly double[] Measures =
    [
        8,
        37,
        64,
        88,
        93,
        118,
        147,
        181,
        215,
        237,
        305,
        352,
    ];

    public static TheoryData<string> All => [.. DemonstrationCatalogue.All.Select(d => d.Key)];

    private static DemonstrationTask Task(
        Demonstration shown,
        double measure,
        Protractor? with = null
    ) =>
        new(
            new Angle(
                default,
                new Direction(15),
                new Measure(measure),
                TurnDirection.Anticlockwise,
                88,
                88
            ),
            with ?? shown.Facts.UsualInstrument,
            new AngleNames("L", "K", "M"),
            HouseRules.Usual
        );

    private static IEnumerable<Script> Scripts(string key)
    {
        Demonstration shown = DemonstrationCatalogue.Find(key)!;
        foreach (double measure in Measures.Append(shown.Facts.UsualMeasure))
        {
            DemonstrationTask task = Task(shown, measure);
            var errors = new ValidationErrors();
            shown.Validate(task, errors);
            if (errors.None)
            {
                yield return shown.Build(task);
            }
        }
    }

    [Theory]
    [MemberData(nameof(All))]
    public void Every_sum_that_is_said_is_right(string key)
    {
        foreach (
            Match sum in Scripts(key)
                .SelectMany(s => s.Steps)
                .SelectMany(s => Sums().Matches(s.Caption.Said()))
        )
        {
            double one = Number(sum, 1);
            double other = Number(sum, 3);
            double total = sum.Groups[2].Value == "+" ? one + other : one - other;
            total.ShouldBe(Number(sum, 4), 1e-9, sum.Value);
        }
    }

    [Fact]
    public void There_are_sums_to_be_checked() =>
        Scripts("draw-reflex-add-to-180")
            .SelectMany(s => s.Steps)
            .Sum(s => Sums().Count(s.Caption.Said()))
            .ShouldBeGreaterThan(5);

    // Who draws to a number has no second arm to count to.
    [Theory]
    [MemberData(nameof(All))]
    public void No_arm_is_asked_about_before_it_stands_on_the_sheet(string key)
    {
        foreach (Script script in Scripts(key))
        {
            foreach (Step step in script.Steps.Where(s => s.State.Figures.Any(f => !f.HasEnd)))
            {
                step.Question?.Text.Said().ShouldNotContain("before LM", Case.Sensitive, step.Key);
            }
        }
    }

    [Theory]
    [InlineData(81)]
    [InlineData(88)]
    [InlineData(92)]
    [InlineData(99)]
    public void Close_to_a_right_angle_the_eye_is_not_asked_to_decide(double measure)
    {
        Demonstration shown = DemonstrationCatalogue.Measure;
        Step kind = shown.Build(Task(shown, measure)).Steps.Single(s => s.Key == "kind");
        kind.Caption.Said().ShouldContain("close to a right angle");
        kind.Question!.Choices.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("one-scale-right")]
    [InlineData("desk-half-circle")]
    [InlineData("full-circle-one-scale")]
    public void The_class_guesses_among_what_can_be_done_with_the_instrument(string instrument)
    {
        Protractor with = InstrumentCatalogue.Find(instrument)!;
        int tried = 0;
        foreach (
            Demonstration shown in DemonstrationCatalogue.All.Where(d =>
                d.Key.StartsWith("wrong-", StringComparison.Ordinal)
            )
        )
        {
            DemonstrationTask task = Task(shown, 64, with);
            var errors = new ValidationErrors();
            shown.Validate(task, errors);
            if (!errors.None)
            {
                continue;
            }
            Script script = shown.Build(task);
            int at = script.Steps.ToList().FindIndex(s => s.Key == "guess");
            Question guess = script.Steps[at].Question!;
            guess.Choices.ShouldBeUnique();
            guess.Choices.Count.ShouldBeInRange(2, 4);
            // Everybody looks before anybody speaks.
            script.Steps[at - 1].Key.ShouldBe("silence");
            script.Steps[at - 1].Question.ShouldBeNull();
            foreach (InstrumentMistake mistake in MistakeCatalogue.All.OfType<InstrumentMistake>())
            {
                if (mistake.NeedsTwoScales is bool two && two != with.Scales.Count > 1)
                {
                    guess.Choices.ShouldNotContain(mistake.Name, shown.Key);
                }
            }
            tried++;
        }
        tried.ShouldBeGreaterThan(3);
    }

    // A student's own placement is never perfect; what is as good as well laid is no news.
    [Theory]
    [InlineData(0.1, 0.2, false)]
    [InlineData(6, 0, true)]
    [InlineData(0, 4, true)]
    public void How_it_lay_is_told_only_where_it_lay_badly(double off, double turned, bool told)
    {
        Demonstration shown = DemonstrationCatalogue.Find("wrong-other-scale")!;
        DemonstrationTask task = Task(shown, 64);
        Placement well = WellLaid.Over(task.Angle, task.Instrument);
        Script script = shown.Build(
            task with
            {
                Placement = new Placement(
                    well.Centre.Towards(new Direction(100), off),
                    well.Turn.Turned(turned)
                ),
                Answer = 116,
            }
        );
        script.Steps.Any(s => s.Key == "lying").ShouldBe(told);
    }

    private static double Number(Match sum, int group) =>
        double.Parse(sum.Groups[group].Value, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"(\d+(?:\.\d+)?)° ([+−]) (\d+(?:\.\d+)?)° = (\d+(?:\.\d+)?)°")]
    private static partial Regex Sums();
}
