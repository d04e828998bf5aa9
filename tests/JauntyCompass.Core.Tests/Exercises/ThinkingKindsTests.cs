using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Outlines;
using JauntyCompass.Core.Exercises.Kinds.Compare;
using JauntyCompass.Core.Exercises.Kinds.Exactly;
using JauntyCompass.Core.Exercises.Kinds.FindMistake;
using JauntyCompass.Core.Exercises.Kinds.InstrumentQuestion;
using JauntyCompass.Core.Exercises.Kinds.NameAngle;
using JauntyCompass.Core.Exercises.Kinds.Outline;
using JauntyCompass.Core.Exercises.Kinds.WhichKind;
using JauntyCompass.Core.Marking;
using Shouldly;
using Xunit;
using static JauntyCompass.Core.Tests.Exercises.KindTrial;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Kinds that are answered by looking and thinking: what is right, what each wrong answer is called, what is never claimed.</summary>
public class ThinkingKindsTests
{
    // Common Core State Standards 4.MD.C.5 and 4.G.A.1; England's national curriculum, Years 5 and 6.
    [Theory]
    [InlineData(12, AngleKind.Acute)]
    [InlineData(83, AngleKind.Acute)]
    [InlineData(90, AngleKind.Right)]
    [InlineData(96, AngleKind.Obtuse)]
    [InlineData(171, AngleKind.Obtuse)]
    [InlineData(180, AngleKind.Straight)]
    [InlineData(200, AngleKind.Reflex)]
    public void Which_kind_is_one_and_no_other(double measure, AngleKind kind)
    {
        var item = new WhichKindItem(Any.Prompt, Standing(measure), Names);
        foreach (AngleKind said in Enum.GetValues<AngleKind>())
        {
            if (said is AngleKind.Zero or AngleKind.FullTurn)
            {
                continue;
            }
            Verdict verdict = Marked(item, new WhichKindResponse(said)).Verdict;
            verdict.ShouldBe(said == kind ? Verdict.Accepted : Verdict.NotYet, $"{measure} {said}");
        }
    }

    [Theory]
    [InlineData(86, 0, AngleKind.Right, "looks-right")]
    [InlineData(94, 30, AngleKind.Right, "looks-right")]
    [InlineData(40, 0, AngleKind.Obtuse, "mixed-up-kinds")]
    [InlineData(140, 0, AngleKind.Acute, "mixed-up-kinds")]
    [InlineData(140, 0, AngleKind.Reflex, "other-opening")]
    [InlineData(230, 0, AngleKind.Obtuse, "other-opening")]
    [InlineData(90, 37, AngleKind.Acute, "tilted-right-angle")]
    // A level right angle called acute is none of these: nobody is told that it was tilted.
    [InlineData(90, 0, AngleKind.Acute, Diagnosis.NotExplained)]
    [InlineData(30, 0, AngleKind.Right, Diagnosis.NotExplained)]
    public void A_wrong_kind_has_its_cause_or_none(
        double measure,
        double start,
        AngleKind said,
        string cause
    )
    {
        var item = new WhichKindItem(Any.Prompt, Standing(measure, start), Names);
        Marked(item, new WhichKindResponse(said)).LikelyCause.ShouldBe(cause);
    }

    [Theory]
    [InlineData(60, 40, 30, 51, "first")]
    [InlineData(40, 60, 51, 30, "second")]
    [InlineData(50, 50, 51, 30, "equal")]
    public void Only_the_opening_counts_when_angles_are_compared(
        double first,
        double second,
        double firstArm,
        double secondArm,
        string larger
    )
    {
        var item = new CompareItem(
            Any.Prompt,
            Standing(first, 0, firstArm),
            Standing(second, 12, secondArm)
        );
        foreach (string said in (string[])["first", "second", "equal"])
        {
            Mark mark = Marked(item, new CompareResponse(said));
            mark.Verdict.ShouldBe(said == larger ? Verdict.Accepted : Verdict.NotYet);
            bool longer = said == (firstArm > secondArm ? "first" : "second");
            if (said != larger)
            {
                mark.LikelyCause.ShouldBe(longer ? "longer-arms" : Diagnosis.NotExplained);
            }
        }
    }

    [Fact]
    public void Angles_to_compare_are_apart_or_alike_and_the_larger_never_has_the_longer_arms()
    {
        var seen = new HashSet<string>();
        foreach (CompareItem item in Made<CompareItem>("compare"))
        {
            double difference = item.First.Measure.Degrees - item.Second.Measure.Degrees;
            seen.Add(
                Math.Sign(difference).ToString(System.Globalization.CultureInfo.InvariantCulture)
            );
            if (difference != 0)
            {
                Math.Abs(difference).ShouldBeGreaterThanOrEqualTo(10);
                (item.First.StartLength < item.Second.StartLength).ShouldBe(difference > 0);
            }
        }
        seen.Count.ShouldBe(3);
    }

    // One letter if only one angle stands at that vertex; three with the vertex in the middle, either way round. Common practice, no source.
    [Theory]
    [InlineData("∠TSR", "yes")]
    [InlineData("∠RST", "yes")]
    [InlineData("∠STR", "no")]
    [InlineData("∠RS", "no")]
    [InlineData("∠S", "no")]
    public void A_name_is_allowed_or_it_is_not(string proposed, string allowed)
    {
        NameAngleItem item = Named(proposed, third: true);
        Marked(item, new NameAngleResponse(allowed, "∠RST")).Verdict.ShouldBe(Verdict.Accepted);
        string other = allowed == "yes" ? "no" : "yes";
        Mark wrong = Marked(item, new NameAngleResponse(other, "∠RST"));
        wrong.Verdict.ShouldBe(Verdict.NotYet);
        string? cause = proposed switch
        {
            "∠STR" => "vertex-not-in-the-middle",
            "∠RS" => "two-letters",
            "∠S" => "ambiguous-letter",
            "∠TSR" => "name-one-way-only",
            _ => Diagnosis.NotExplained,
        };
        wrong.LikelyCause.ShouldBe(cause);
    }

    [Fact]
    public void One_letter_is_enough_where_one_angle_stands_alone()
    {
        Marked(Named("∠S", third: false), new NameAngleResponse("yes", "∠S"))
            .Verdict.ShouldBe(Verdict.Accepted);
        Marked(Named("∠S", third: true), new NameAngleResponse("no", "∠S"))
            .LikelyCause.ShouldBe("ambiguous-letter");
    }

    [Theory]
    [InlineData("RST")]
    [InlineData("∠ tsr")]
    [InlineData("angle RST")]
    public void A_name_may_be_written_as_children_write_it(string written) =>
        Marked(Named("∠RST", third: true), new NameAngleResponse("yes", written))
            .Verdict.ShouldBe(Verdict.Accepted);

    private static NameAngleItem Named(string proposed, bool third)
    {
        List<NamedRay> rays =
        [
            new NamedRay("R", new Direction(10)),
            new NamedRay("T", new Direction(70)),
        ];
        if (third)
        {
            rays.Add(new NamedRay("U", new Direction(140)));
        }
        return new NameAngleItem(Any.Prompt, "S", rays, "R", "T", proposed);
    }

    [Fact]
    public void Exactly_one_is_of_the_size_and_the_others_are_read_so_by_a_mistake()
    {
        foreach (ExactlyItem item in Made<ExactlyItem>("exactly"))
        {
            item.Angles.Count(a => Math.Abs((a.Measure.Degrees - item.Asked.Degrees)) <= 2)
                .ShouldBe(1);
            int explained = 0;
            for (int i = 0; i < item.Angles.Count; i++)
            {
                string letter = ((char)('A' + i)).ToString();
                Mark mark = Marked(item, new ExactlyResponse("A", letter));
                bool right = item.Angles[i].Measure == item.Asked;
                mark.Verdict.ShouldBe(right ? Verdict.Accepted : Verdict.NotYet);
                explained += !right && mark.LikelyCause != Diagnosis.NotExplained ? 1 : 0;
                // What was picked by eye is no mistake: it only earns nothing.
                mark.Credit.ShouldBe(right ? 1 : 0);
            }
            explained.ShouldBeGreaterThan(0, Any.Said(item));
        }
    }

    [Fact]
    public void A_riddle_fits_one_outline_and_asks_for_what_it_does_not_tell()
    {
        foreach (OutlineItem item in Made<OutlineItem>("outline"))
        {
            OutlineShape meant = item.Shapes.Where(item.Riddle.Fits).ShouldHaveSingleItem();
            int told = item.Counted switch
            {
                AngleKind.Obtuse => item.Riddle.Obtuse is null ? 0 : 1,
                AngleKind.Acute => item.Riddle.Acute is null ? 0 : 1,
                _ => item.Riddle.Right is null ? 0 : 1,
            };
            told.ShouldBe(0, Any.Said(item));
            int at = item.Shapes.ToList().IndexOf(meant);
            string letter = ((char)('A' + at)).ToString();
            Marked(item, new OutlineResponse(letter, meant.Count(item.Counted)))
                .Verdict.ShouldBe(Verdict.Accepted);
            Marked(item, new OutlineResponse(letter, meant.Count(item.Counted) + 1))
                .Verdict.ShouldBe(Verdict.NotYet);
        }
    }

    // Interior angles of regular polygons, published; the drawn outlines are held against them.
    [Theory]
    [InlineData("stop sign", 8, 135)]
    [InlineData("nut of a screw", 6, 120)]
    public void Regular_outlines_have_the_angles_of_their_polygons(
        string name,
        int corners,
        double interior
    )
    {
        OutlineShape shape = Made<OutlineItem>("outline", 200)
            .SelectMany(i => i.Shapes)
            .First(s => s.Name.Said() == name);
        shape.Angles.Count.ShouldBe(corners);
        shape.Angles.ShouldAllBe(a => Math.Abs(a - interior) < 0.01);
        (shape.Angles.Sum()).ShouldBe(180 * (corners - 2), 0.01);
    }

    [Fact]
    public void Somebody_s_mistake_is_the_one_that_gives_what_they_wrote()
    {
        var shown = new HashSet<string>();
        foreach (FindMistakeItem item in Made<FindMistakeItem>("find-mistake", 120))
        {
            item.Offered.ShouldContain(item.Mistake);
            item.Offered.Distinct().Count().ShouldBe(item.Offered.Count);
            shown.Add(item.Mistake);
            double truth = item.Angle.Measure.Degrees;
            // What was written is wrong, and the marker would have found the same.
            Math.Abs(item.Written - truth).ShouldBeGreaterThan(2);
            var context = MarkingContext.Measuring(item.Angle, item.Instrument, item.Placement);
            Diagnosis
                .Weigh(context, null, item.Written, MistakeCatalogue.Reading, Beliefs(), 2)
                .Select(c => c.Mistake)
                .ShouldContain(item.Mistake, $"{item.Mistake}: {item.Written} for {truth}");
            foreach (string found in item.Offered)
            {
                Mark mark = Marked(item, new FindMistakeResponse(found, truth));
                mark.Verdict.ShouldBe(
                    found == item.Mistake ? Verdict.Accepted : Verdict.NotYet,
                    Any.Said(item)
                );
            }
            // To find it is not enough: it must be put right.
            Marked(item, new FindMistakeResponse(item.Mistake, item.Written))
                .Verdict.ShouldNotBe(Verdict.Accepted);
        }
        shown.Count.ShouldBeGreaterThan(4);
    }

    [Fact]
    public void Every_wrong_answer_to_a_short_question_has_a_word_of_its_own()
    {
        var words = new HashSet<string>();
        var wrong = new HashSet<(string, int)>();
        foreach (InstrumentQuestionItem item in Made<InstrumentQuestionItem>("instrument-question"))
        {
            for (int place = 1; place < item.Order.Count; place++)
            {
                wrong.Add((item.Question, place));
                words.Add(
                    Marked(item, new InstrumentQuestionResponse($"{place}"))
                        .Feedback.Happened.Said()
                );
            }
        }
        wrong.Count.ShouldBeGreaterThan(20);
        words.Count.ShouldBe(wrong.Count);
    }

    private static Core.Marking.Habits.Beliefs Beliefs() => Core.Marking.Habits.Beliefs.None;

    [Fact]
    public void A_short_question_has_one_right_answer_wherever_it_stands()
    {
        var places = new HashSet<int>();
        foreach (InstrumentQuestionItem item in Made<InstrumentQuestionItem>("instrument-question"))
        {
            int right = 0;
            for (int place = 0; place < item.Order.Count; place++)
            {
                Mark mark = Marked(item, new InstrumentQuestionResponse($"{place}"));
                right += mark.Verdict == Verdict.Accepted ? 1 : 0;
                if (mark.Verdict != Verdict.Accepted)
                {
                    mark.LikelyCause.ShouldBe("instrument-idea");
                }
            }
            right.ShouldBe(1, Any.Said(item));
            places.Add(item.Order.ToList().IndexOf(0));
        }
        places.Count.ShouldBeGreaterThan(2);
    }
}
