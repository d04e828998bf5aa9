using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.SideRatios;
using JauntyCompass.Core.Exercises.Kinds.Similar;
using JauntyCompass.Core.Exercises.Kinds.TrianglesDrawn;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Tests.Marking;
using JauntyCompass.Core.Triangles;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Two triangles: given by angles, measured with a ruler, drawn.</summary>
public class TriangleKindsTests
{
    private static readonly SimulatedStudent Perfect = new("Ada", [], Hand.Perfect);

    private static IEnumerable<TItem> Items<TItem>(string kind, int seeds = 12)
        where TItem : Item =>
        Enumerable
            .Range(0, seeds)
            .SelectMany(seed =>
                SetGenerator.Generate(new SetSpecification([new KindCount(kind, 6)]), seed).Items
            )
            .Select(i => (TItem)i.Item);

    private static TrianglePair PairOf(SideRatiosItem item) => new(item.First, item.Second);

    private static Mark Marked(Item item, Response response) =>
        ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);

    private static TResponse Right<TResponse>(Item item)
        where TResponse : Response =>
        (TResponse)ExerciseKinds.Of(item).Attempt(item, Perfect, new(1));

    [Fact]
    public void Measured_ratios_decide_even_where_every_length_is_read_a_little_wrong()
    {
        int similar = 0;
        int all = 0;
        foreach (SideRatiosItem item in Items<SideRatiosItem>("side-ratios"))
        {
            bool agree = PairOf(item).RatiosAgree;
            similar += agree ? 1 : 0;
            all++;
            // Those that are not similar are not so by what a careful hand sees.
            RatioRange.Agree(PairOf(item).Ratios(0.9)).ShouldBe(agree);
            SideRatiosResponse right = Right<SideRatiosResponse>(item);
            right.Similar.ShouldBe(agree ? "yes" : "no");
            Marked(item, right).Verdict.ShouldBe(Verdict.Accepted);
            Marked(item, right with { Similar = agree ? "no" : "yes" })
                .Verdict.ShouldBe(Verdict.NotYet);
        }
        similar.ShouldBeInRange(all / 3, all * 4 / 5);
    }

    [Fact]
    public void What_is_concluded_rightly_from_a_wrong_length_is_one_mistake_and_not_three()
    {
        foreach (SideRatiosItem item in Items<SideRatiosItem>("side-ratios", 4))
        {
            SideRatiosResponse right = Right<SideRatiosResponse>(item);
            double wrong = right.Ab!.Value - item.Ruler.Inset;
            double own = PairOf(item).Second.Side(PairOf(item).Corresponding(0)) / wrong;
            Mark mark = Marked(
                item,
                right with
                {
                    Ab = wrong,
                    RatioAb = Math.Round(own, 2)
                        .ToString(System.Globalization.CultureInfo.InvariantCulture),
                    Similar = "no",
                    Reason = "differ",
                }
            );
            mark.LikelyCause.ShouldBe("from-rulers-edge");
            mark.Steps!.Where(s => s.Verdict != Verdict.Accepted)
                .Select(s => s.Step)
                .ShouldBe(["ab"]);
        }
    }

    [Theory]
    [InlineData("2/3", true)]
    [InlineData("0.67", true)]
    [InlineData("0,67", true)]
    [InlineData("0.7", true)]
    [InlineData("1.5", false)]
    [InlineData("0.75", false)]
    [InlineData("two", false)]
    public void A_ratio_is_right_where_it_lies_in_what_the_lengths_leave_open(
        string ratio,
        bool accepted
    )
    {
        var item = new SideRatiosItem(
            Locales.Text.Kinds.SideRatios.Prompt,
            new(150, 6),
            Triangle.OfSides(60, 75, 45),
            Triangle.OfSides(40, 50, 30)
        );
        Mark mark = Marked(item, Right<SideRatiosResponse>(item) with { RatioAb = ratio });
        (mark.Verdict == Verdict.Accepted).ShouldBe(accepted);
        mark.Steps!.Single(s => s.Step == "ratioAb")
            .Verdict.ShouldBe(accepted ? Verdict.Accepted : Verdict.NotYet);
    }

    [Fact]
    public void Angles_that_are_written_decide_and_the_reason_says_how()
    {
        var reasons = new HashSet<string?>();
        foreach (SimilarItem item in Items<SimilarItem>("similar"))
        {
            item.First.Angles.Sum().ShouldBe(180);
            item.Second.Angles.Sum().ShouldBe(180);
            SimilarResponse right = Right<SimilarResponse>(item);
            reasons.Add(right.Reason);
            Marked(item, right).Verdict.ShouldBe(Verdict.Accepted);
            bool similar = item.First.Angles.Order().SequenceEqual(item.Second.Angles.Order());
            right.Similar.ShouldBe(similar ? "yes" : "no");
            (right.Match == "none").ShouldBe(!similar);
            // As they are drawn, too.
            for (int corner = 0; corner < 3; corner++)
            {
                item.First.Triangle.AngleAt(corner).ShouldBe(item.First.Angles[corner], 0.1);
            }
        }
        reasons.ShouldBe(["given", "third", "one", "none"], ignoreOrder: true);
    }

    [Fact]
    public void A_drawing_is_measured_as_it_was_drawn()
    {
        foreach (DrawTrianglesItem item in Items<DrawTrianglesItem>("draw-triangles", 3))
        {
            DrawTrianglesResponse right = Right<DrawTrianglesResponse>(item);
            Marked(item, right).Verdict.ShouldBe(Verdict.Accepted);
            // Seven millimetres are no slip of the hand.
            Marked(item, right with { Ca = right.Ca + 7 })
                .Steps!.Single(s => s.Step == "ca")
                .Verdict.ShouldBe(Verdict.NotYet);
            // Nothing drawn: nothing is claimed of it.
            Mark none = Marked(item, right with { Strokes = [], Dots = [] });
            none.Verdict.ShouldBe(Verdict.NotYet);
            none.LikelyCause.ShouldBe(Diagnosis.NotExplained);
        }
    }

    // Of five answers, three with the mistake in them. The slips themselves: common practice, no source.
    [Theory]
    [InlineData("similar", "third-angle")]
    [InlineData("similar", "looks-similar")]
    [InlineData("similar", "sides-out-of-order")]
    [InlineData("side-ratios", "sides-out-of-order")]
    [InlineData("side-ratios", "ratio-upside-down")]
    [InlineData("side-ratios", "units-mixed")]
    [InlineData("side-ratios", "from-rulers-edge")]
    [InlineData("side-ratios", "compared-differences")]
    [InlineData("side-ratios", "looks-similar")]
    public void A_habit_is_likeliest_after_five_items(string kind, string habit)
    {
        const int Students = 40;
        Mistake mistake = MistakeCatalogue.Find(habit)!;
        IReadOnlyList<Mistake> known = ExerciseKinds.Find(kind)!.Mistakes;
        int named = Enumerable
            .Range(0, Students)
            .Count(seed =>
                Core
                    .Marking.Habits.HabitFinder.Find(
                        WorkOf.Student(
                            [new KindCount(kind, 5)],
                            seed,
                            Hand.Careful,
                            new Habit(mistake, 0.6)
                        ),
                        known
                    )
                    .Habits
                    is [var first, ..]
                && first.Mistake == habit
            );
        named.ShouldBeGreaterThanOrEqualTo(Students * 8 / 10);
    }
}
