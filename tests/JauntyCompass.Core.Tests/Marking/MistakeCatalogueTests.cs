using System.Globalization;
using System.Reflection;
using System.Text.RegularExpressions;
using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.WentWrong.Replays;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Explanations;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Observations;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

public partial class MistakeCatalogueTests
{
    [Fact]
    public void Every_mistake_has_a_key_of_its_own_a_name_and_a_share()
    {
        string[] keys = [.. MistakeCatalogue.All.Select(m => m.Key)];
        keys.Distinct().Count().ShouldBe(keys.Length);
        foreach (Mistake mistake in MistakeCatalogue.All)
        {
            MistakeCatalogue.Find(mistake.Key).ShouldBeSameAs(mistake);
            mistake.Key.ShouldMatch("^[a-z-]+$");
            mistake.Name.Said().ShouldNotBeNullOrWhiteSpace();
            mistake.Prior.ShouldBeInRange(0.001, 0.5);
        }
        // Another scale to be read, an only one that counts the other way, no arm on zero: one of the three at a time.
        string[] oneOf = ["other-scale", "only-scale-other-way", "start-not-subtracted"];
        // How it lay is known, or it is not.
        string[] onPaper = ["centre-mark-off", "zero-line-off"];
        foreach (
            (string here, bool paper) in oneOf.SelectMany(o => new[] { (o, true), (o, false) })
        )
        {
            MistakeCatalogue
                .Reading.Where(m => m.Key == here || !oneOf.Contains(m.Key))
                .Where(m => paper ? !onPaper.Contains(m.Key) : m.Key != "laid-off")
                .Sum(m => m.Prior)
                .ShouldBeLessThan(1);
        }
        MistakeCatalogue.NameOf(Diagnosis.NotExplained).Said().ShouldContain("cannot explain");
    }

    // What is told of a mistake in another place reaches it only from a catalogue.
    [Fact]
    public void Whatever_is_known_of_a_mistake_stands_in_a_catalogue()
    {
        foreach (Mistake mistake in MistakeCatalogue.All)
        {
            Explained(mistake).ShouldBeTrue(mistake.Key);
            bool leadsOrShows = mistake switch
            {
                InstrumentMistake made => Has<InstrumentPrediction>(made)
                    || Has<DrawingObservation>(made),
                SumMistake made => Has<SumPrediction<ReflexSum>>(made)
                    || Has<SumPrediction<RangeSum>>(made),
                NamingMistake made => Has<NamePrediction>(made),
                _ => true,
            };
            leadsOrShows.ShouldBeTrue(mistake.Key);
        }
        Type[] aspects =
        [
            .. Aspects(typeof(InstrumentPrediction)),
            .. Aspects(typeof(SumPrediction<ReflexSum>)),
            .. Aspects(typeof(SumPrediction<RangeSum>)),
            .. Aspects(typeof(NamePrediction)),
            .. Aspects(typeof(DrawingObservation)),
            .. Aspects(typeof(PlacingObservation)),
            .. Aspects(typeof(MeasuringReplay)),
            .. Aspects(typeof(DrawingReplay)),
        ];
        aspects.Length.ShouldBeGreaterThan(60);
        aspects.Where(a => !Registered().Contains(a)).ShouldBeEmpty();
    }

    private static bool Explained(Mistake mistake) =>
        mistake switch
        {
            Mistake<MistakeStory> m => ExplanationCatalogue.Of(m) is not null,
            Mistake<SumContext> m => ExplanationCatalogue.Of(m) is not null,
            Mistake<NoContext> m => ExplanationCatalogue.Of(m) is not null,
            ConstructionMistake m => ExplanationCatalogue.Of(m) is not null,
            _ => false,
        };

    private static bool Has<TAspect>(Mistake mistake) =>
        Aspects(typeof(TAspect))
            .Any(a => a.BaseType!.GetGenericArguments().Contains(mistake.GetType()));

    private static IEnumerable<Type> Aspects(Type of) =>
        typeof(Mistake).Assembly.GetTypes().Where(t => !t.IsAbstract && t.IsAssignableTo(of));

    private static HashSet<Type> Registered() =>
        [
            .. new[]
            {
                typeof(PredictionCatalogue),
                typeof(ObservationCatalogue),
                typeof(ReplayCatalogue),
            }
                .SelectMany(c => c.GetFields(BindingFlags.NonPublic | BindingFlags.Static))
                .SelectMany(f => ((Array)f.GetValue(null)!).Cast<object?>())
                .Where(a => a is not null)
                .Select(a => a!.GetType()),
        ];

    // No answer is given away: whatever a student does, the sentences and the picture never hold the true measure.
    [Property(MaxTest = 60)]
    public void What_is_told_never_gives_the_measure_of_an_angle_away(int seed)
    {
        var random = new SeededRandom(seed);
        SetSpecification spec = new(
            [new KindCount("measure", 6)],
            Tilt: Tilt.Mixed,
            Arms: ArmLengths.Mixed
        );
        foreach (GeneratedItem generated in SetGenerator.Generate(spec, seed).Items)
        {
            var item = (MeasureItem)generated.Item;
            string habit = MistakeCatalogue
                .Reading[random.Below(MistakeCatalogue.Reading.Count)]
                .Key;
            var student = new SimulatedStudent(
                "Bo",
                [new Habit(MistakeCatalogue.Find(habit)!, 1)],
                Hand.Careful
            );
            Response response = ExerciseKinds.Of(item).Attempt(item, student, random);
            Mark mark = ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);
            if (mark.Verdict == Verdict.Accepted)
            {
                continue;
            }
            string told =
                $"{mark.Feedback.Praise.Said()} {mark.Feedback.Happened.Said()} {mark.Feedback.Next.Said()} {mark.Picture?.Note?.Text.Said()}";
            string truth = generated.Degrees!.Value.ToString(CultureInfo.InvariantCulture);
            // Millimetres and the degrees by which a zero line is off may happen to be the same number.
            Degrees()
                .Matches(told)
                .Select(m => m.Groups[1].Value)
                .Where(n => n == truth)
                .ShouldBeEmpty($"{habit}: {told}");
        }
    }

    [GeneratedRegex(@"(?<!stood )(\d+(?:\.\d+)?)°(?! off)")]
    private static partial Regex Degrees();

    // A mistake that cannot show must not be predicted: its answer would be a right one.
    [Theory]
    [InlineData(40)]
    [InlineData(45)]
    [InlineData(135)]
    public void Ticks_backwards_cannot_show_at_tens_and_fives(double measure)
    {
        MarkingContext context = MarkingContext.Measuring(
            Plain(measure),
            InstrumentCatalogue.DeskHalfCircle,
            placement: null
        );
        Predictions(MistakeCatalogue.Get<TicksBackwards>(), context).ShouldBeEmpty();
    }

    [Fact]
    public void At_a_right_angle_the_other_scale_and_the_straight_edge_cannot_be_told_from_a_right_answer()
    {
        MarkingContext context = MarkingContext.Measuring(
            Plain(90),
            InstrumentCatalogue.DeskHalfCircle,
            placement: null
        );
        Predictions(MistakeCatalogue.Get<OtherScale>(), context).ShouldBe([90]);
        Predictions(MistakeCatalogue.Get<StraightEdgeForZeroLine>(), context)
            .ShouldHaveSingleItem()
            .ShouldBe(90, 1e-9);
    }

    // Reading and drawing are two directions of one thing: the same number on the same scale, whichever way it is gone.
    [Property]
    public void On_a_well_laid_instrument_measuring_and_drawing_lead_to_the_same_answers(
        byte tenths,
        bool clockwise
    )
    {
        Angle angle = Plain(5 + tenths * 2 / 3.0) with
        {
            Opening = clockwise ? TurnDirection.Clockwise : TurnDirection.Anticlockwise,
            Start = new Direction(clockwise ? 180 : 0),
        };
        Placement placement = Any.Well(angle);
        MarkingContext measuring = MarkingContext.Measuring(
            angle,
            InstrumentCatalogue.DeskHalfCircle,
            placement
        );
        MarkingContext drawing = MarkingContext.Drawing(
            angle,
            InstrumentCatalogue.DeskHalfCircle,
            Seen.Known(placement)
        );
        foreach (
            string key in new[] { "other-scale", "wrong-ten", "ticks-backwards", "swapped-digits" }
        )
        {
            var mistake = (InstrumentMistake)MistakeCatalogue.Find(key)!;
            double[] read = Predictions(mistake, measuring);
            double[] drawn = Predictions(mistake, drawing);
            drawn.Length.ShouldBe(read.Length, key);
            for (int i = 0; i < read.Length; i++)
            {
                drawn[i].ShouldBe(read[i], 1e-6, key);
            }
        }
    }

    [Theory]
    [InlineData(6, 0, "zero-line-off")]
    [InlineData(-7, 0, "zero-line-off")]
    [InlineData(0, 8, "centre-mark-off")]
    public void A_drawing_made_with_the_instrument_laid_badly_is_charged_to_placing(
        double turn,
        double slide,
        string cause
    )
    {
        var baseRay = new BaseRay(new Point(0, -30), new Direction(0), 85);
        var item = new DrawItem(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            new Measure(64),
            baseRay,
            TurnDirection.Anticlockwise,
            new Core.Wording.AngleNames("K", "L", "M")
        );
        var placement = new Placement(new Point(slide, -30), new Direction(turn));
        Point dot = placement.PointAt(64, 75);
        Direction line = Direction.Between(baseRay.Vertex, dot);
        var response = new DrawResponse(
            [new Stroke([baseRay.Vertex, baseRay.Vertex.Towards(line, 90)])],
            [dot],
            baseRay.Vertex.Towards(new Direction(30), 14),
            placement
        );
        Mark mark = ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);
        mark.LikelyCause.ShouldBe(cause);
        mark.Parts!.Placing.ShouldBe(mark.Error!.Value, 1e-6);
        mark.Parts.Reading.ShouldBe(0, 1e-6);
        mark.Picture.ShouldNotBeNull();
    }

    private static Angle Plain(double measure) =>
        new(default, new Direction(0), new Measure(measure), TurnDirection.Anticlockwise, 90, 90);

    private static double[] Predictions(InstrumentMistake mistake, MarkingContext context)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        PredictionCatalogue.Predict(mistake, context, null, ref outcomes);
        var found = new double[outcomes.Count];
        for (int i = 0; i < outcomes.Count; i++)
        {
            found[i] = outcomes[i].Degrees;
        }
        return found;
    }
}
