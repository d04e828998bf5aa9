using Fractions;
using FsCheck.Xunit;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Algebra;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Parts;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Parts of an angle by algebra. The sums are those of Euclid, Elements I.13 and I.15; 7.G.B.5 of the Common Core State Standards asks for such equations.</summary>
public class PartsKindTests
{
    private static readonly ExerciseKind Kind = ExerciseKinds.Find("parts")!;

    // 3x + 2 and x make a right angle: x is 22, and the angles are 68° and 22°.
    private static readonly PartsItem RightAngle = Made(PartsFigure.RightAngle, "3x + 2", "x");

    // 2x + 7 and x + 40 make a right angle: x is 14⅓.
    private static readonly PartsItem Thirds = Made(PartsFigure.RightAngle, "2x + 7", "x + 40");

    private static PartsItem Made(PartsFigure figure, params string[] expressions)
    {
        var parts = new AngleParts(
            figure,
            [.. expressions.Select(e => AlgebraReader.Expression(e).Value!.Value)]
        );
        return new PartsItem(Text.Kinds.Parts.Prompt(expressions[0]), PartsSheet.ToScale(parts), 0);
    }

    [Theory]
    [InlineData(FigureScale.ToScale)]
    [InlineData(FigureScale.NotToScale)]
    public void Figures_are_to_scale_or_not_as_it_was_wished_and_say_so(FigureScale wished)
    {
        SetSpecification specification = new([new KindCount("parts", 24)], Forms: 2, Scale: wished);
        GeneratedSet set = SetGenerator.Generate(specification, 5);
        foreach (Item item in set.Items.Select(i => i.Item).Concat(set.Forms[0]))
        {
            PartsSheet sheet = ((PartsItem)item).Sheet;
            // Nothing can be told by looking: a part at least is drawn so unlike itself that an eye sees it.
            double off = sheet
                .Drawn.Zip(sheet.Parts.Measures, (drawn, m) => Math.Abs(drawn - (double)m))
                .Max();
            bool isToScale = wished == FigureScale.ToScale;
            (isToScale ? off < 0.2 : off > 2).ShouldBeTrue($"{sheet.Parts} {off}");
            (item.Prompt.Id == "kinds.parts.prompt-not-to-scale").ShouldBe(!isToScale);
        }
    }

    [Theory]
    [InlineData(AlgebraNumbers.Whole)]
    [InlineData(AlgebraNumbers.WholeAngles)]
    [InlineData(AlgebraNumbers.Repeating)]
    public void Numbers_come_out_as_they_were_wished_in_every_form_and_twin(AlgebraNumbers wished)
    {
        SetSpecification specification = new(
            [new KindCount("parts", 24)],
            Forms: 2,
            Numbers: wished
        );
        GeneratedSet set = SetGenerator.Generate(specification, 5);
        Item[] items = [.. set.Items.Select(i => i.Item)];
        Item?[] twins =
        [
            .. items.Select((item, i) => Twins.Of(specification, 5, i, item, null, 1)),
        ];
        foreach (Item item in items.Concat(set.Forms[0]).Concat(twins.OfType<Item>()))
        {
            AngleParts parts = ((PartsItem)item).Sheet.Parts;
            parts.X!.Value.Denominator.IsOne.ShouldBe(wished == AlgebraNumbers.Whole);
            foreach (Fraction measure in parts.Measures)
            {
                measure.Denominator.IsOne.ShouldBe(wished != AlgebraNumbers.Repeating);
            }
        }
        twins.ShouldNotContain((Item?)null);
    }

    private static PartsResponse Right(PartsItem item) =>
        (PartsResponse)Kind.Attempt(item, new("Ada", [], Core.Simulation.Hand.Perfect), new(1));

    private static Mark Marked(PartsItem item, PartsResponse response) =>
        Kind.Mark(item, response, MarkingRules.Usual);

    [Theory]
    [InlineData("3x + 2 + x = 90")]
    [InlineData("x + 3x + 2 = 90°")]
    [InlineData("90 = 4x + 2")]
    [InlineData("4x = 88")]
    [InlineData("4x + 2 − 90 = 0")]
    [InlineData("2(3x + 2) + 2x = 180")]
    [InlineData("3x = 90 − 2 − x")]
    public void An_equation_is_taken_in_any_form_that_shows_the_parts_or_their_sum(
        string equation
    ) =>
        Marked(RightAngle, Right(RightAngle) with { Equation = equation })
            .Verdict.ShouldBe(Verdict.Accepted);

    [Theory]
    [InlineData("x = 22", "algebra.equation.further-on")]
    [InlineData("2x = 44", "algebra.equation.further-on")]
    [InlineData("3x + 2 = 90", "algebra.equation.not-explained")]
    [InlineData("3x + 2 = x", "mistakes.set-equal.happened")]
    [InlineData("3x + 2 + x = 180", "mistakes.wrong-whole.happened")]
    [InlineData("3x ++ 2 = 90", "algebra.reading.number-missing")]
    public void What_is_none_is_told_why(string equation, string told)
    {
        Mark mark = Marked(RightAngle, Right(RightAngle) with { Equation = equation });
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.Feedback.Happened!.Id.ShouldBe(told);
    }

    [Theory]
    [InlineData("43/3", Verdict.Accepted)]
    [InlineData("14⅓", Verdict.Accepted)]
    [InlineData("14 1/3", Verdict.Accepted)]
    [InlineData("14.333…", Verdict.Accepted)]
    [InlineData("14,3\u0305", Verdict.Accepted)]
    [InlineData("14.3", Verdict.Near)]
    [InlineData("14.33", Verdict.Near)]
    [InlineData("41.3", Verdict.NotYet)]
    public void An_exact_number_is_one_however_it_is_written_and_a_rounded_one_is_near(
        string x,
        Verdict verdict
    )
    {
        Mark mark = Marked(Thirds, Right(Thirds) with { X = x });
        mark.Steps!.Single(s => s.Step == "x").Verdict.ShouldBe(verdict);
    }

    // Who goes on rightly from a wrong line has made one mistake.
    [Fact]
    public void What_follows_from_a_wrong_line_is_credited()
    {
        Mark mark = Marked(
            RightAngle,
            Right(RightAngle) with
            {
                Equation = "3x + 2 + x = 180",
                X = "44.5",
                First = "135.5",
                Second = "44.5",
                Sum = "180",
            }
        );
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.LikelyCause.ShouldBe("wrong-whole");
        mark.Steps!.Where(s => s.Verdict != Verdict.Accepted)
            .Select(s => s.Step)
            .ShouldBe(["equation"]);
    }

    [Theory]
    [InlineData("22", "gave-x")]
    [InlineData("135.5", "wrong-whole")]
    [InlineData("71", "sign-kept")]
    public void Where_only_the_angle_is_asked_its_cause_is_named(string first, string cause) =>
        Marked(RightAngle, new PartsResponse(First: first)).LikelyCause.ShouldBe(cause);

    [Theory]
    [InlineData(AlgebraLines.All, "whole reason equation x first second sum")]
    [InlineData(AlgebraLines.EquationAndAnswer, "equation x first")]
    [InlineData(AlgebraLines.AnswerOnly, "first")]
    public void The_class_says_which_lines_are_asked(AlgebraLines lines, string fields) =>
        string.Join(
                ' ',
                Kind.Present(RightAngle, HouseRules.Usual with { Algebra = lines })
                    .Asks.Select(a => a.Field)
            )
            .ShouldBe(fields);

    // With so many kinds and instruments only some measures of each are looked at; of the few that this kind has none were left.
    [Theory]
    [InlineData(632820)]
    [InlineData(815944)]
    public void It_has_items_in_a_set_of_everything_with_many_instruments(int seed)
    {
        Protractor half = InstrumentCatalogue.DeskHalfCircle;
        Protractor[] own =
        [
            .. Enumerable
                .Range(0, 12)
                .Select(i => half with { Id = $"own-{i}", EdgeRadius = half.EdgeRadius - i / 4.0 }),
        ];
        var wishes = new SetSpecification(
            [.. ExerciseKinds.All.Select(k => new KindCount(k.Key, 3))],
            To: 359,
            Tolerance: 1.5,
            Instrument: own[0].Id,
            MoreInstruments: [.. own.Skip(1).Select(p => p.Id)],
            OwnInstruments: own
        );
        SetGenerator.Generate(wishes, seed).Items.Count(i => i.Item is PartsItem).ShouldBe(3);
    }

    [Property(MaxTest = 60)]
    public void Every_part_is_positive_and_the_parts_make_the_whole(int seed)
    {
        var wishes = new SetSpecification([new KindCount("parts", 8)]);
        foreach (GeneratedItem made in SetGenerator.Generate(wishes, seed).Items)
        {
            AngleParts parts = ((PartsItem)made.Item).Sheet.Parts;
            IReadOnlyList<Fraction> measures = parts.At(parts.X!.Value);
            measures.ShouldAllBe(m => m > Fraction.Zero);
            if (parts.Whole is int whole)
            {
                measures.Aggregate((a, b) => a + b).ShouldBe(whole);
            }
            else
            {
                measures[0].ShouldBe(measures[1]);
            }
            // What is drawn adds up, too, and shows opposite angles as they are.
            IReadOnlyList<double> drawn = ((PartsItem)made.Item).Sheet.Drawn;
            drawn.Count.ShouldBe(measures.Count);
            if (parts.Whole is int all)
            {
                drawn.Sum().ShouldBe(all, 1e-9);
            }
            else if (parts.Figure == PartsFigure.Opposite)
            {
                drawn[0].ShouldBe(drawn[1]);
            }
        }
    }

    [Theory]
    [InlineData(AngleKind.Right, PartsFigure.RightAngle)]
    [InlineData(AngleKind.Straight, PartsFigure.StraightLine)]
    [InlineData(AngleKind.Reflex, PartsFigure.Reflex)]
    public void A_set_that_wishes_angles_of_a_kind_has_parts_of_those_alone(
        AngleKind kind,
        PartsFigure figure
    )
    {
        for (int seed = 0; seed < 8; seed++)
        {
            var spec = new SetSpecification([new KindCount("parts", 5)], AngleKinds: [kind]);
            SetGenerator
                .Generate(spec, seed)
                .Items.ShouldAllBe(i => ((PartsItem)i.Item).Sheet.Parts.Figure == figure);
        }
    }

    [Fact]
    public void Each_line_of_the_demonstration_lights_the_parts_that_it_is_about()
    {
        Core.Demonstrations.Script script = Kind.Work(Thirds, HouseRules.Usual)!.Script;
        (string Caption, int Lit)[] told =
        [
            .. script.Steps.Select(s =>
                (s.Caption.Said(), s.State.Figures.Count(f => f.OpeningSpotlight))
            ),
        ];
        told.ShouldContain(("Here is one part of it: 2x + 7.", 1));
        told.ShouldContain(("Beside it lies the next one: x + 40.", 1));
        told.ShouldContain(("Together the parts make 3x and 47 degrees more.", 2));
        told.ShouldContain(("This part says 2x + 7. With x = 14⅓ it is 35⅔ degrees.", 1));
        told.ShouldContain(("This part says x + 40. With x = 14⅓ it is 54⅓ degrees.", 1));
        told[0].Lit.ShouldBe(0);
    }
}
