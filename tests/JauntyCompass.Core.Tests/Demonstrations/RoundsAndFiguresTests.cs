using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;
using Point = JauntyCompass.Core.Angles.Point;

namespace JauntyCompass.Core.Tests.Demonstrations;

/// <summary>Counting on and back, figures, comparisons and rounds for the whole class.</summary>
public class RoundsAndFiguresTests
{
    private static Script? Built(string key, double measure)
    {
        Demonstration shown = DemonstrationCatalogue.Find(key)!;
        DemonstrationTask task = shown.UsualTask with
        {
            Angle = shown.UsualTask.Angle with { Measure = new Measure(measure) },
        };
        var errors = new ValidationErrors();
        shown.Validate(task, errors);
        return errors.None ? shown.Build(task) : null;
    }

    private static Step StepOf(Script script, string key) => script.Steps.Single(s => s.Key == key);

    [Fact]
    public void An_obtuse_angle_is_counted_on_from_ninety()
    {
        Built("count-from-90", 88).ShouldBeNull();
        for (int measure = 91; measure < 180; measure++)
        {
            Script script = Built("count-from-90", measure)!;
            Math.Abs(StepOf(script, "ninety").State.Threads[0].Count.Sweep).ShouldBe(90, 1e-9);
            CountingThread on = StepOf(script, "on").State.Threads[0].Count;
            on.Stops[0].Reading.ShouldBe(90);
            on.Stops[^1].Reading.ShouldBe(measure);
            Math.Abs(on.Sweep).ShouldBe(measure - 90, 1e-9);
            StepOf(script, "sum")
                .Caption.Said()
                .ShouldContain($"90° + {measure - 90}° = {measure}°");
        }
    }

    [Fact]
    public void Counting_back_begins_at_the_label_or_the_five_just_beyond()
    {
        for (int measure = 1; measure < 180; measure++)
        {
            Script script = Built("count-back", measure)!;
            if (measure % 5 == 0)
            {
                script.Steps.ShouldNotContain(s => s.Key == "back");
                continue;
            }
            CountingThread back = StepOf(script, "back").State.Threads[0].Count;
            (back.Stops[0].Reading % 5).ShouldBe(0);
            back.Stops[0].Reading.ShouldBeInRange(measure + 1, measure + 4);
            back.Stops[^1].Reading.ShouldBe(measure);
            // One bead for the label, and one for each degree back.
            back.Stops.Count.ShouldBe((int)back.Stops[0].Reading - measure + 1);
        }
    }

    // Euclid I.32: the angles of a triangle make two right angles; so those of a figure with four corners make four. The angles between the
    // sides are measured by another library.
    [Theory]
    [InlineData("triangle-angles", 180)]
    [InlineData("figure-angles", 360)]
    public void The_angles_of_a_figure_are_those_between_its_sides(string key, double whole)
    {
        Demonstration shown = DemonstrationCatalogue.Find(key)!;
        for (double m = shown.Facts.LeastMeasure; m <= shown.Facts.MostMeasure; m++)
        {
            Script script = Built(key, m)!;
            SheetState last = script.Steps[^1].State;
            Point[] corners = [.. last.Lines.Select(l => l.From)];
            Angle[] measured =
            [
                .. script
                    .Steps.Where(s => s.State.Figures.Count == 1)
                    .Select(s => s.State.Figures[0].Angle),
            ];
            measured.Length.ShouldBe(corners.Length);
            double sum = 0;
            for (int i = 0; i < corners.Length; i++)
            {
                Point before = corners[(i + corners.Length - 1) % corners.Length];
                Point after = corners[(i + 1) % corners.Length];
                double between = AngleUtility.ToDegrees(
                    AngleUtility.InteriorAngle(Of(before), Of(corners[i]), Of(after))
                );
                double inside = Math.Min(between, 360 - between);
                inside.ShouldBe(measured[i].Measure.Degrees, 1e-6, $"{key} {m} {i}");
                sum += inside;
            }
            sum.ShouldBe(whole, 1e-6);
            StepOf(script, "sum").Caption.Said().ShouldContain($"= {whole}°");
            measured[0].Measure.Degrees.ShouldBe(m);
        }
        static Coordinate Of(Point p) => new(p.X, p.Y);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(47)]
    [InlineData(149)]
    public void A_range_is_the_second_position_less_the_first(double measure)
    {
        Script script = Built("range", measure)!;
        double first = StepOf(script, "first").State.Threads[0].Count.Stops[^1].Reading;
        double second = StepOf(script, "second").State.Threads[0].Count.Stops[^1].Reading;
        (second - first).ShouldBe(measure);
        Question asked = StepOf(script, "subtract").Question!;
        asked.Choices[asked.Answer].Said().ShouldBe($"{measure}°");
        script.Steps[^1].State.Figures.Single().Angle.Measure.Degrees.ShouldBe(measure);
    }

    [Fact]
    public void One_of_several_is_exactly_what_was_asked_for_and_stands_anywhere()
    {
        var places = new HashSet<int>();
        for (double measure = 25; measure <= 150; measure += 5)
        {
            Script script = Built("which-exactly", measure)!;
            Step answer = StepOf(script, "answer");
            double[] measures = [.. answer.State.Figures.Select(f => f.Angle.Measure.Degrees)];
            measures.Count(m => m == measure).ShouldBe(1);
            measures.Where(m => m != measure).ShouldAllBe(m => Math.Abs(m - measure) >= 5);
            measures[answer.Question!.Answer].ShouldBe(measure);
            places.Add(answer.Question.Answer);
            // Nobody is told before it is measured.
            script.Steps[0].State.Figures.ShouldAllBe(f => f.Written == null);
        }
        places.Count.ShouldBe(3);
        // Of an angle between two graduations the nearest is asked, so that what is written is exactly that.
        Script between = Built("which-exactly", 47.4)!;
        StepOf(between, "answer").State.Figures.Select(f => f.Written!.Said()).ShouldContain("47°");
        StepOf(between, "answer").Caption.Said().ShouldContain("exactly 47°");
    }

    [Fact]
    public void Of_two_angles_the_one_with_the_shorter_arms_is_larger()
    {
        Script script = Built("which-larger", 58)!;
        Figure[] two = [.. script.Steps[^1].State.Figures];
        two[0].Angle.Measure.Degrees.ShouldBeGreaterThan(two[1].Angle.Measure.Degrees);
        two[0].Angle.StartLength.ShouldBeLessThan(two[1].Angle.StartLength);
        Question asked = script.Steps[0].Question!;
        asked.Choices[asked.Answer].Said().ShouldBe("1");
        // Traced, and laid on the other: vertex on vertex, arm on arm.
        Angle traced = StepOf(script, "over").State.Tracing!.Angle;
        traced.Vertex.ShouldBe(two[1].Angle.Vertex);
        traced.Start.ShouldBe(two[1].Angle.Start);
        traced.Measure.ShouldBe(two[0].Angle.Measure);
    }

    [Fact]
    public void A_quick_round_asks_fifteen_kinds_that_the_eye_can_tell()
    {
        var rounds = new HashSet<string>();
        for (double measure = 10; measure < 20; measure++)
        {
            Script script = Built("quick-round", measure)!;
            script.Steps.Count.ShouldBe(15);
            foreach (Step step in script.Steps)
            {
                Angle angle = step.State.Figures.Single().Angle;
                Question asked = step.Question!;
                asked
                    .Choices[asked.Answer]
                    .Said()
                    .ShouldBe(Locales.Text.Angles.Adjective(angle.Measure.Kind).Said());
                if (angle.Measure.Kind is not (AngleKind.Right or AngleKind.Straight))
                {
                    foreach (double boundary in (double[])[0, 90, 180, 360])
                    {
                        Math.Abs(angle.Measure.Degrees - boundary).ShouldBeGreaterThan(10);
                    }
                }
            }
            script
                .Steps.Select(s => s.State.Figures[0].Angle.Measure.Kind)
                .Distinct()
                .Count()
                .ShouldBe(5);
            rounds.Add(
                string.Join(' ', script.Steps.Select(s => s.State.Figures[0].Angle.Measure.Degrees))
            );
        }
        // Another angle makes another round.
        rounds.Count.ShouldBe(10);
    }

    [Fact]
    public void At_the_beginning_the_lessons_questions_stay_open_and_at_the_end_the_class_answers()
    {
        Script beginning = Built("lesson-beginning", 64)!;
        Script end = Built("lesson-end", 64)!;
        beginning.Steps.ShouldAllBe(s => s.Question == null && s.Caption.Said().EndsWith('?'));
        end.Steps.Select(s => s.Question!.Text.Said())
            .ShouldBe(beginning.Steps.Select(s => s.Caption.Said()));
        // An instrument with one scale is not asked about two.
        Demonstration shown = DemonstrationCatalogue.Find("lesson-end")!;
        shown
            .Build(
                shown.UsualTask with
                {
                    Instrument = InstrumentCatalogue.Find("one-scale-right")!,
                }
            )
            .Steps.ShouldNotContain(s => s.Key == "scales");
    }

    [Fact]
    public void A_picture_in_the_list_shows_things_and_says_nothing()
    {
        foreach (Demonstration shown in DemonstrationCatalogue.All)
        {
            SheetState picture = shown.Build(shown.UsualTask).Telling();
            picture.Notes.ShouldBeEmpty();
            picture.Figures.ShouldAllBe(f => f.Names == null && f.Written == null);
            (picture.Figures.Count + picture.Lines.Count + picture.Dots.Count).ShouldBeGreaterThan(
                0,
                shown.Key
            );
        }
    }

    [Theory]
    [InlineData(30)]
    [InlineData(128)]
    [InlineData(300)]
    public void Labels_stand_where_they_belong(double measure)
    {
        var angle = new Angle(
            new Point(10, -5),
            new Direction(20),
            new Measure(measure),
            TurnDirection.Anticlockwise,
            90,
            90
        );
        IReadOnlyList<PlacedLabel> labels = AngleLabels.Of(
            angle,
            AngleNames.Usual,
            Enum.GetValues<AngleLabel>()
        );
        labels
            .Select(l => l.Text.Said())
            .ShouldBe([
                "∠LKM",
                angle.Measure.Kind.ToString().ToLowerInvariant(),
                $"{measure}°",
                "vertex",
                "arm KL",
                "arm KM",
            ]);
        // Name, kind and measure inside the opening, the vertex behind it.
        double Turned(Point p) => angle.Start.AnticlockwiseTo(Direction.Between(angle.Vertex, p));
        labels.Take(3).Select(l => Turned(l.At)).ShouldAllBe(turn => turn < measure);
        Turned(labels[3].At).ShouldBeGreaterThan(measure);
        // Beside its arm, not on it.
        labels[4].At.DistanceTo(angle.Vertex).ShouldBeInRange(20, 90);
        Turned(labels[4].At).ShouldBeGreaterThan(measure);
    }
}
