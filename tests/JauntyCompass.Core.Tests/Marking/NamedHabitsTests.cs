using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Simulation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>Habits among all that a kind can show, of simulated students who lay, read and draw by themselves.</summary>
public class NamedHabitsTests
{
    private const int Items = 8;
    private const int Students = 50;

    private static readonly Hand[] Hands =
    [
        Hand.Careful,
        Shaky(1.5),
        // Reads with a degree of noise, lays it on perfectly.
        new Hand(0, 0, 1, 0),
    ];

    private static Hand Shaky(double times) =>
        new(
            Hand.Careful.CentreMillimetres * times,
            Hand.Careful.TurnDegrees * times,
            Hand.Careful.EyeDegrees * times,
            Hand.Careful.PencilMillimetres * times
        );

    private static Beliefs Believed(
        ExerciseKind kind,
        int seed,
        Hand hand,
        params Habit[] habits
    ) =>
        HabitFinder.Find(
            WorkOf.Student([new KindCount(kind.Key, Items)], seed, hand, habits),
            kind.Mistakes
        );

    public static TheoryData<string> Kinds => [.. ExerciseKinds.All.Select(k => k.Key)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Noise_alone_accuses_next_to_nobody(string key)
    {
        ExerciseKind kind = ExerciseKinds.Find(key)!;
        int accused = Hands
            .SelectMany(hand => Enumerable.Range(0, Students).Select(s => (hand, s)))
            .Count(c => Believed(kind, c.s, c.hand).Named.Any());
        accused.ShouldBeLessThanOrEqualTo(Hands.Length * Students * 2 / 100);
    }

    // Not all that is done shows: of special drawings only a quarter are supplements, and laid off along the arm the instrument
    // hardly changes what is read.
    [Theory]
    [InlineData("measure", "zero-line-off", 85)]
    [InlineData("measure", "centre-mark-off", 90)]
    [InlineData("measure", "straight-edge-for-zero-line", 90)]
    [InlineData("measure", "other-scale", 90)]
    [InlineData("draw", "arm-too-short", 90)]
    [InlineData("draw", "gap-at-vertex", 90)]
    [InlineData("draw", "thick-dot", 90)]
    [InlineData("draw", "freehand-line", 85)]
    [InlineData("draw", "ran-on-behind-vertex", 90)]
    [InlineData("draw", "moved-before-dot", 85)]
    [InlineData("draw", "opens-wrong-way", 90)]
    [InlineData("draw", "missed-own-dot", 90)]
    [InlineData("draw", "drew-by-eye", 90)]
    [InlineData("draw-special", "complement-for-supplement", 35)]
    [InlineData("draw-special", "zero-line-off", 90)]
    [InlineData("draw-special", "centre-mark-off", 85)]
    [InlineData("draw-special", "wrong-ten", 90)]
    [InlineData("draw-special", "opens-wrong-way", 90)]
    [InlineData("draw-special", "missed-own-dot", 90)]
    [InlineData("read-laid", "start-not-subtracted", 75)]
    [InlineData("reflex", "smaller-for-reflex", 90)]
    [InlineData("reflex", "left-out-half-turn", 90)]
    [InlineData("range", "end-for-range", 90)]
    [InlineData("clock", "hour-hand-not-moved", 85)]
    [InlineData("which-kind", "looks-right", 85)]
    public void A_habit_is_the_likeliest_of_all_that_the_kind_can_show_and_no_other_is_stated(
        string key,
        string habit,
        int percent
    )
    {
        ExerciseKind kind = ExerciseKinds.Find(key)!;
        Beliefs[] believed =
        [
            .. Enumerable
                .Range(0, Students)
                .Select(s =>
                    Believed(kind, s, Hand.Careful, new Habit(MistakeCatalogue.Find(habit)!, 0.7))
                ),
        ];
        believed
            .Count(b => b.Habits is [var first, ..] && first.Mistake == habit)
            .ShouldBeGreaterThanOrEqualTo(Students * percent / 100);
        believed.Count(b => b.Named.Any(n => n != habit)).ShouldBeLessThan(Students / 10);
    }

    // What showed once may be a slip, however clearly it showed.
    [Theory]
    [InlineData("other-scale")]
    [InlineData("wrong-ten")]
    public void What_showed_once_is_likely_and_not_stated_and_what_showed_twice_is(string habit)
    {
        Item[] items =
        [
            .. SetGenerator
                .Generate(
                    new SetSpecification([new KindCount("measure", 10)], Mistakes: [habit]),
                    3
                )
                .Items.Select(i => i.Item),
        ];
        Beliefs After(int times) =>
            HabitFinder.Find(
                [
                    .. items.SelectMany(
                        (item, i) =>
                        {
                            double truth = ((MeasureItem)item).Angle.Measure.Degrees;
                            double wrong = habit == "other-scale" ? 180 - truth : truth - 10;
                            return ExerciseKinds
                                .Of(item)
                                .Weigh(
                                    item,
                                    new MeasureResponse(i >= items.Length - times ? wrong : truth),
                                    2
                                );
                        }
                    ),
                ],
                ExerciseKinds.Find("measure")!.Mistakes
            );
        After(0).Named.ShouldBeEmpty();
        After(1).Named.ShouldBeEmpty();
        After(1).Habits[0].Mistake.ShouldBe(habit);
        After(3).Named.ShouldBe([habit]);
        After(10).Named.ShouldBe([habit]);
    }

    // Students whose hands nobody has thought of: they round, they waver, and all of it is accepted or near.
    [Theory]
    [InlineData(5)]
    [InlineData(10)]
    public void Who_rounds_is_accused_of_nothing(int step)
    {
        int accused = Enumerable
            .Range(0, Students)
            .Count(seed =>
            {
                List<AnswerEvidence> evidence =
                [
                    .. SetGenerator
                        .Generate(new SetSpecification([new KindCount("measure", 10)]), seed)
                        .Items.SelectMany(i =>
                        {
                            double truth = ((MeasureItem)i.Item).Angle.Measure.Degrees;
                            return ExerciseKinds
                                .Of(i.Item)
                                .Weigh(
                                    i.Item,
                                    new MeasureResponse(Math.Round(truth / step) * step),
                                    2
                                );
                        }),
                ];
                return HabitFinder
                    .Find(evidence, ExerciseKinds.Find("measure")!.Mistakes)
                    .Named.Any();
            });
        accused.ShouldBeLessThanOrEqualTo(Students * 2 / 100);
    }

    // So many equal answers have a likelihood that no number can hold.
    [Fact]
    public void A_habit_is_found_in_hundreds_of_answers()
    {
        Item item = SetGenerator
            .Generate(new SetSpecification([new KindCount("measure", 1)]), 3)
            .Items[0]
            .Item;
        double truth = ((MeasureItem)item).Angle.Measure.Degrees;
        AnswerEvidence[] evidence =
        [
            .. ExerciseKinds.Of(item).Weigh(item, new MeasureResponse(180 - truth), 2),
        ];
        HabitFinder
            .Find([.. Enumerable.Repeat(evidence[0], 600)], ExerciseKinds.Find("measure")!.Mistakes)
            .Named.ShouldBe(["other-scale"]);
    }
}
