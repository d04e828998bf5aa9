using System.Text.Json;
using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Validation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Sets for any instrument for the desk, taking turns, and for the class's own.</summary>
public class InstrumentsOfSetsTests
{
    private static readonly Protractor Own = InstrumentCatalogue.DeskHalfCircle with
    {
        Id = "own-large",
        Name = "Our large one",
        EdgeRadius = 105,
        HalfLength = 108,
        Scales =
        [
            new Scale("outer", 92, 180, TurnDirection.Clockwise, 180),
            new Scale("inner", 78, 0, TurnDirection.Anticlockwise, 180),
        ],
    };

    private static string[] Used(SetSpecification spec, int seed = 4) =>
        [
            .. SetGenerator
                .Generate(spec, seed)
                .Items.Select(i => ((InstrumentItem)i.Item).Instrument.Id),
        ];

    // Nobody could lay these on at a desk or turn their arm; to read them as they lie takes neither.
    [Theory]
    [InlineData("tactile")]
    [InlineData("turning-ruler")]
    [InlineData("board-half-circle")]
    public void What_nobody_can_lay_on_is_there_to_be_read_as_it_lies(string id)
    {
        var spec = new SetSpecification([new KindCount("measure", 2)], Instrument: id);
        var errors = new ValidationErrors();
        spec.Validate(errors);
        errors.None.ShouldBeFalse();
        SetSpecification laid = spec with
        {
            Kinds = [new KindCount("read-laid", 6), new KindCount("measure", 2)],
        };
        errors = new ValidationErrors();
        laid.Validate(errors);
        errors.None.ShouldBeTrue();
        foreach (GeneratedItem made in SetGenerator.Generate(laid, 3).Items)
        {
            var item = (InstrumentItem)made.Item;
            ExerciseKind kind = ExerciseKinds.Of(item);
            item.Instrument.Id.ShouldBe(kind.Key == "read-laid" ? id : "desk-half-circle");
            if (kind.Key != "read-laid")
            {
                continue;
            }
            ItemView view = kind.Present(item, HouseRules.Usual);
            LaidInstrument shown = view.Sheet.Instruments.ShouldHaveSingleItem();
            // An arm that turns is set to an arm of the angle, so that both show the same.
            if (item.Instrument.Arm is null)
            {
                shown.ArmBearing.ShouldBeNull();
            }
            else
            {
                Angle angle = ((Core.Exercises.Kinds.ReadLaid.ReadLaidItem)item).Angle;
                Point tip = shown.Placement.PointAt(shown.ArmBearing!.Value, 50);
                Direction along = Direction.Between(shown.Placement.Centre, tip);
                double off = new[] { angle.Start, angle.End }.Min(d =>
                    Math.Abs(d.ShorterTurnTo(along))
                );
                off.ShouldBeLessThan(0.01);
            }
            kind.Mark(item, kind.Attempt(item, Careful, new SeededRandom(1)), MarkingRules.Usual)
                .Verdict.ShouldBe(Verdict.Accepted);
        }
    }

    private static readonly SimulatedStudent Careful = new("Ada", [], Hand.Perfect);

    [Fact]
    public void Instruments_take_turns_and_neither_keeps_to_one_side()
    {
        var spec = new SetSpecification(
            [new KindCount("measure", 12)],
            Instrument: "desk-half-circle",
            MoreInstruments: ["one-scale-right", "reversed-half-circle"]
        );
        Used(spec).CountBy(id => id).ShouldAllBe(p => p.Value == 4);
        var two = spec with { MoreInstruments = ["pocket-half-circle"] };
        var seen = SetGenerator
            .Generate(two, 4)
            .Items.Select(i => (MeasureItem)i.Item)
            .Select(i => (i.Instrument.Id, i.Angle.Opening))
            .CountBy(p => p)
            .ToDictionary();
        seen.Count.ShouldBe(4);
        seen.Values.ShouldAllBe(n => n == 3);
    }

    [Fact]
    public void The_class_s_own_instrument_comes_with_the_specification()
    {
        var spec = new SetSpecification(
            [new KindCount("measure", 3), new KindCount("read-laid", 2)],
            Instrument: Own.Id,
            OwnInstruments: [Own]
        );
        ValidationErrors.Of(spec).Found.ShouldBeEmpty();
        Used(spec).ShouldAllBe(id => id == Own.Id);
        string json = JsonSerializer.Serialize(spec, ExerciseJson.Options);
        SetSpecification back = JsonSerializer.Deserialize<SetSpecification>(
            json,
            ExerciseJson.Options
        )!;
        JsonSerializer
            .Serialize(SetGenerator.Generate(back, 9), ExerciseJson.Options)
            .ShouldBe(
                JsonSerializer.Serialize(SetGenerator.Generate(spec, 9), ExerciseJson.Options)
            );
    }

    [Theory]
    [InlineData("nowhere", "instrument", "Use one of these: own-large, desk-half-circle")]
    [InlineData("tactile", "instrument", "Use one of these")]
    public void An_instrument_that_is_not_for_the_desk_is_refused(
        string name,
        string field,
        string says
    )
    {
        var spec = new SetSpecification(
            [new KindCount("measure", 1)],
            Instrument: name,
            OwnInstruments: [Own]
        );
        ValidationError fault = ValidationErrors.Of(spec).Found.ShouldHaveSingleItem();
        fault.Field.ShouldBe(field);
        fault.Message.Said().ShouldStartWith(says);
    }

    [Fact]
    public void Own_instruments_must_be_whole_for_the_desk_and_have_names_of_their_own()
    {
        string[] Refused(params Protractor[] own) =>
            [
                .. ValidationErrors
                    .Of(new SetSpecification([new KindCount("measure", 1)], OwnInstruments: own))
                    .Found.Select(f => f.Field),
            ];
        Refused(Own).ShouldBeEmpty();
        Refused(Own, Own).ShouldBe(["ownInstruments[1].id"]);
        Refused(Own with { Id = "tactile" }).ShouldBe(["ownInstruments[0].id"]);
        Refused(Own with { Arm = new MovingArm(120, true) }).ShouldBe(["ownInstruments[0]"]);
        Refused(Own with { EdgeRadius = 200, HalfLength = 201 }).ShouldBe(["ownInstruments[0]"]);
        Refused(Own with { SmallestGraduation = 3 })
            .ShouldBe(["ownInstruments[0].smallestGraduation"]);
        ValidationErrors
            .Of(
                new SetSpecification(
                    [new KindCount("measure", 1)],
                    MoreInstruments: ["desk-half-circle", "gone"]
                )
            )
            .Found.ShouldHaveSingleItem()
            .Field.ShouldBe("moreInstruments[1]");
    }

    [Fact]
    public void A_kind_that_no_chosen_instrument_suits_has_one_beside_it()
    {
        var half = new SetSpecification([new KindCount("full-turn", 4)]);
        Used(half).Distinct().Order().ShouldBe(["full-circle", "full-circle-one-scale"]);
        var full = half with { Instrument = "full-circle-one-scale" };
        Used(full).ShouldAllBe(id => id == "full-circle-one-scale");
        Used(full with { Kinds = [new KindCount("reflex", 2)] })
            .ShouldAllBe(id => id == "desk-half-circle");
        Used(
                new SetSpecification(
                    [new KindCount("both-arms", 3)],
                    Instrument: "one-scale-left",
                    MoreInstruments: ["pocket-half-circle"]
                )
            )
            .ShouldAllBe(id => id == "pocket-half-circle");
    }

    [Fact]
    public void What_cannot_be_read_on_an_instrument_is_not_asked_for_with_it()
    {
        var paper = new SetSpecification(
            [new KindCount("read-laid", 1)],
            Instrument: "folded-paper"
        );
        double[] read = [.. SetGenerator.Generate(paper, 1).Items.Select(i => i.Degrees!.Value)];
        read.ShouldAllBe(d => d == 45 || d == 135);
        SpecificationConflictException thrown = Should.Throw<SpecificationConflictException>(() =>
            SetGenerator.Generate(paper with { Kinds = [new KindCount("read-laid", 4)] }, 1)
        );
        thrown.Collision.Said().ShouldContain("“Folded paper”");
        thrown.Collision.Said().ShouldContain("only 1 can be read on it");
    }

    [Theory]
    [InlineData(
        "other-scale",
        "one-scale-right",
        "has one scale only. Choose a protractor with two"
    )]
    [InlineData(
        "only-scale-other-way",
        "desk-half-circle",
        "has two scales. Choose a protractor with one"
    )]
    public void Mistakes_that_the_instruments_cannot_show_collide_with_them(
        string mistake,
        string instrument,
        string says
    )
    {
        var spec = new SetSpecification(
            [new KindCount("measure", 3)],
            Instrument: instrument,
            Mistakes: [mistake]
        );
        Should
            .Throw<SpecificationConflictException>(() => SetGenerator.Generate(spec, 2))
            .Collision.Said()
            .ShouldContain(says);
        string other = instrument == "one-scale-right" ? "desk-half-circle" : "one-scale-right";
        SetGenerator.Generate(spec with { MoreInstruments = [other] }, 2).Items.Count.ShouldBe(3);
    }

    [Fact]
    public void A_sheet_for_a_larger_instrument_is_larger()
    {
        ItemView View(string instrument) =>
            SetGenerator
                .Generate(
                    new SetSpecification(
                        [new KindCount("measure", 1)],
                        Instrument: instrument,
                        OwnInstruments: [Own]
                    ),
                    1
                )
                .Items[0]
                .View;
        View("desk-half-circle").Window.ShouldBe(ItemView.UsualWindow);
        SheetWindow large = View(Own.Id).Window;
        large.Width.ShouldBeGreaterThan(2 * Own.EdgeRadius);
        (large.Width / large.Height).ShouldBe(
            ItemView.UsualWindow.Width / ItemView.UsualWindow.Height,
            1e-9
        );
    }

    [Fact]
    public void A_laid_instrument_comes_with_the_sheet()
    {
        var spec = new SetSpecification(
            [new KindCount("read-laid", 2)],
            Instrument: Own.Id,
            OwnInstruments: [Own]
        );
        foreach (GeneratedItem made in SetGenerator.Generate(spec, 3).Items)
        {
            made.View.Laid!.Id.ShouldBe(Own.Id);
            made.View.Sheet.Instruments.ShouldHaveSingleItem().InstrumentId.ShouldBe(Own.Id);
            made.View.InHand.ShouldBeNull();
        }
    }

    [Property(MaxTest = 20)]
    public void Parallel_forms_keep_the_instrument_and_the_kind_of_every_place(int seed)
    {
        var spec = new SetSpecification(
            [new KindCount("measure", 4), new KindCount("draw", 3), new KindCount("full-turn", 2)],
            Instrument: "one-scale-left",
            MoreInstruments: ["desk-half-circle", "full-circle"],
            Order: ItemOrder.Mixed,
            Forms: 4
        );
        GeneratedSet set = SetGenerator.Generate(spec, seed);
        InstrumentItem[] first = [.. set.Items.Select(i => (InstrumentItem)i.Item)];
        foreach (IReadOnlyList<Item> form in set.Forms)
        {
            form.Select(i => i.GetType()).ShouldBe(first.Select(i => i.GetType()));
            form.Select(i => ((InstrumentItem)i).Instrument.Id)
                .ShouldBe(first.Select(i => i.Instrument.Id));
        }
        // What stands under an item is computed for the instrument that goes with it.
        foreach (GeneratedItem made in set.Items)
        {
            bool one = ((InstrumentItem)made.Item).Instrument.Scales.Count == 1;
            made.Predictions.Any(e => e.Mistake == "other-scale").ShouldBe(!one);
        }
    }
}
