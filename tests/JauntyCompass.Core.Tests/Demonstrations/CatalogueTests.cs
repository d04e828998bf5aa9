using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Demonstrations;

/// <summary>What holds for every demonstration, on every angle and instrument and under all house rules.</summary>
public class CatalogueTests
{
    private static readonly AngleNames Names = new("K", "L", "M");

    private static Script? Build(ShownCase shown)
    {
        var errors = new ValidationErrors();
        shown.Demonstration.Validate(shown.Task, errors);
        return errors.None ? shown.Demonstration.Build(shown.Task) : null;
    }

    private static DemonstrationTask Usual(Demonstration demonstration, HouseRules? rules = null) =>
        new(
            new Angle(
                default,
                default,
                new Measure(demonstration.Facts.UsualMeasure),
                TurnDirection.Anticlockwise,
                90,
                demonstration.Facts.UsualEndLength
            ),
            demonstration.Facts.UsualInstrument,
            Names,
            rules ?? HouseRules.Usual
        );

    [Fact]
    public void Every_demonstration_opens_by_one_press()
    {
        foreach (Demonstration demonstration in DemonstrationCatalogue.All)
        {
            var errors = new ValidationErrors();
            demonstration.Validate(Usual(demonstration), errors);
            errors.Found.ShouldBeEmpty(demonstration.Key);
            demonstration.Build(Usual(demonstration)).Steps.Count.ShouldBeGreaterThan(1);
        }
        DemonstrationCatalogue
            .All.Select(d => d.Key)
            .Distinct()
            .Count()
            .ShouldBe(DemonstrationCatalogue.All.Count);
    }

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 700)]
    public void Whatever_passes_its_check_is_built_whole(ShownCase shown)
    {
        if (Build(shown) is not Script script)
        {
            return;
        }
        script.Steps.Select(s => s.Key).Distinct().Count().ShouldBe(script.Steps.Count);
        foreach (Step step in script.Steps)
        {
            step.Caption.Said().ShouldNotBeNullOrWhiteSpace();
            step.Caption.Said().ShouldNotContain("  ");
            step.Label.Said().ShouldNotBeNullOrWhiteSpace();
            if (step.Question is { Choices.Count: > 0 } question)
            {
                question.Answer.ShouldBeInRange(0, question.Choices.Count - 1);
                question.Choices.Distinct().Count().ShouldBe(question.Choices.Count);
            }
            step.State.Instruments.ShouldAllBe(i =>
                script.Instruments.Any(p => p.Id == i.InstrumentId)
            );
            ValidationErrors
                .Of(step.State.Figures.Count > 0 ? step.State.Figures[0].Angle : null)
                .Found.ShouldBeEmpty();
        }
        script.Window.Width.ShouldBeInRange(20, 3000);
        script.Window.Height.ShouldBeInRange(20, 3000);
    }

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 1000)]
    public void Every_right_count_ends_at_the_arm_that_is_read(ShownCase shown)
    {
        foreach (SheetState state in Build(shown)?.Steps.Select(s => s.State) ?? [])
        {
            foreach (CountedThread thread in state.Threads.Where(t => !t.Wrong))
            {
                CountingThread count = thread.Count;
                LaidInstrument laid = state.Instruments.First(i => i.Id == thread.Id);
                count.Centre.ShouldBe(laid.Placement.Centre);
                // The thread runs along the graduations, from a zero, or from the label that the class counts on or back from.
                Protractor protractor = shown.Task.Instrument;
                int index = protractor.IndexOf(count.ScaleId);
                double label = count.Stops[0].Reading;
                (label % 5).ShouldBe(0);
                Direction begins = laid.Placement.DirectionOf(
                    protractor.Scales[index].BearingOf(label)
                );
                count.From.ShorterTurnTo(begins).ShouldBe(0, 1e-6);
                // And the sheet is seen with its last bead on the arm, or on a label on the way there.
                count.Stops.Count.ShouldBeGreaterThan(0);
            }
        }
    }

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 1000)]
    public void The_number_that_is_written_in_the_end_is_the_measure(ShownCase shown)
    {
        if (Build(shown) is not { Answer: double answer } script)
        {
            return;
        }
        answer.ShouldBe(shown.Task.Angle.Measure.Degrees);
        Message? message = script
            .Steps[^1]
            .State.Figures.Where(f => f.Angle.Measure == shown.Task.Angle.Measure)
            .Select(f => f.Written)
            .FirstOrDefault(w => w is not null);
        if (message is not null)
        {
            string written = message.Said();
            double number = double.Parse(
                written.Replace("°", "", StringComparison.Ordinal).Split(' ')[0],
                System.Globalization.CultureInfo.InvariantCulture
            );
            Math.Abs(number - answer).ShouldBeLessThanOrEqualTo(0.51);
        }
        else
        {
            shown.Task.Rules.Labelling.ShouldBe(Labelling.Arc);
        }
    }

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 300)]
    public void The_same_task_gives_the_same_script(ShownCase shown)
    {
        if (Build(shown) is Script script)
        {
            string json = System.Text.Json.JsonSerializer.Serialize(script, ExerciseJson.Options);
            System
                .Text.Json.JsonSerializer.Serialize(Build(shown), ExerciseJson.Options)
                .ShouldBe(json);
        }
    }

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 500)]
    public void Captions_speak_in_the_words_of_the_class(ShownCase shown)
    {
        if (Build(shown) is not Script script)
        {
            return;
        }
        Phrasing phrasing = shown.Task.Rules.Phrasing;
        string all = string.Join(
            ' ',
            script.Steps.Select(s =>
                $"{s.Caption.Said(phrasing)} {s.Question?.Text.Said(phrasing)}"
            )
        );
        Words words = shown.Task.Rules.Words!;
        if (words.CentreMark != "centre mark")
        {
            all.ShouldNotContain("centre mark");
        }
        if (shown.Task.Rules.Degrees == DegreeStyle.Words)
        {
            all.ShouldNotContain("°");
        }
    }

    [Fact]
    public void A_line_of_the_teachers_own_stands_at_its_step()
    {
        var rules = new HouseRules(
            OwnLines: new Dictionary<string, string> { ["count"] = "Zero the hero!" }
        );
        Script script = DemonstrationCatalogue.Measure.Build(
            Usual(DemonstrationCatalogue.Measure, rules)
        );
        script.Steps.Single(s => s.OwnLine is not null).Key.ShouldBe("count");
        script.Steps.Single(s => s.Key == "count").OwnLine.ShouldBe("Zero the hero!");
    }

    [Theory]
    [InlineData("measure", 0)]
    [InlineData("measure", 360)]
    [InlineData("both-arms", 200)]
    [InlineData("draw", 180)]
    [InlineData("reflex-from-360", 170)]
    [InlineData("wrong-ticks-backwards", 65)]
    public void A_measure_that_cannot_be_shown_is_refused_with_the_reason(
        string key,
        double measure
    )
    {
        Demonstration demonstration = DemonstrationCatalogue.Find(key)!;
        DemonstrationTask task = Usual(demonstration);
        var errors = new ValidationErrors();
        demonstration.Validate(
            task with
            {
                Angle = task.Angle with { Measure = new Measure(measure) },
            },
            errors
        );
        errors.Found.ShouldHaveSingleItem().Field.ShouldBe("angle.measure");
    }
}
