using System.Xml.Linq;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.ReadLaid;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Files;

/// <summary>What is taken away as SVG is whole, whatever an instrument is called.</summary>
public class SheetSvgTests
{
    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";
    private static readonly AngleNames Names = new("K", "L", "M");

    private static XElement DrawnOf(Item item) =>
        XElement.Parse(
            SheetSvg.Of(ExerciseKinds.Of(item).Present(item, HouseRules.Usual), Phrasing.Usual)
        );

    [Theory]
    [InlineData(TurnDirection.Anticlockwise, "0")]
    [InlineData(TurnDirection.Clockwise, "1")]
    public void The_small_arrow_that_the_task_speaks_of_is_there(
        TurnDirection opening,
        string sweep
    )
    {
        var item = new DrawItem(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            new Measure(64),
            new BaseRay(default, default, 83),
            opening,
            Names
        );
        XElement arrow = DrawnOf(item)
            .Descendants(Svg + "path")
            .Single(p => p.Attribute("id")?.Value == "opening");
        // "A radius radius rotation large sweep x y": in SVG y points down, so anticlockwise is a sweep of 0.
        arrow.Attribute("d")!.Value.Split('A')[1].Split(' ')[4].ShouldBe(sweep);
    }

    [Fact]
    public void An_instrument_may_be_called_anything()
    {
        Protractor own = InstrumentCatalogue.DeskHalfCircle with { Id = "\"><script>&" };
        var angle = new Angle(
            default,
            default,
            new Measure(64),
            TurnDirection.Anticlockwise,
            84,
            84
        );
        var item = new ReadLaidItem(Any.Prompt, own, angle, Names, WellLaid.Over(angle, own));
        DrawnOf(item).Descendants(Svg + "g").ShouldContain(g => g.Attribute("id")!.Value == own.Id);
    }

    // Above its centre or below: in a picture y runs down, and sweep 0 is anticlockwise.
    [Theory]
    [InlineData(180, "0 0 0")]
    [InlineData(-180, "0 0 1")]
    [InlineData(270, "0 1 0")]
    public void Arcs_of_the_compass_run_as_they_were_drawn(double sweep, string flags)
    {
        var item = new DrawItem(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            new Measure(64),
            new BaseRay(default, default, 83),
            TurnDirection.Anticlockwise,
            Names
        );
        XElement drawn = XElement.Parse(
            SheetSvg.Of(
                ExerciseKinds.Of(item).Present(item, HouseRules.Usual) with
                {
                    Sheet = new SheetState
                    {
                        CompassArcs = [new CompassArc("a", new Point(0, 5), 30, default, sweep)],
                    },
                },
                Phrasing.Usual
            )
        );
        XElement arc = drawn
            .Elements(Svg + "g")
            .Single(g => (string?)g.Attribute("id") == "compass-arcs")
            .Elements(Svg + "path")
            .Single();
        ((string?)arc.Attribute("d")).ShouldStartWith($"M30 -5A30 30 {flags} ");
    }
}
