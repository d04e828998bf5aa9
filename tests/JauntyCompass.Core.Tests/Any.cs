using FsCheck;
using FsCheck.Fluent;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Tests;

/// <summary>Random angles and placements for the properties.</summary>
public static class Any
{
    public static Gen<double> Degrees(double least, double most) =>
        Gen.Choose((int)(least * 100), (int)(most * 100)).Select(hundredths => hundredths / 100.0);

    public static Gen<Point> NearOrigin(double millimetres) =>
        from x in Degrees(-millimetres, millimetres)
        from y in Degrees(-millimetres, millimetres)
        select new Point(x, y);

    public static Gen<Angle> Angle(double least, double most) =>
        from vertex in NearOrigin(50)
        from start in Degrees(0, 360)
        from measure in Degrees(least, most)
        from opening in Gen.Elements(TurnDirection.Anticlockwise, TurnDirection.Clockwise)
        from startLength in Degrees(20, 120)
        from endLength in Degrees(20, 120)
        select new Angle(
            vertex,
            new Direction(start),
            new Measure(measure),
            opening,
            startLength,
            endLength
        );

    public static Gen<Protractor> Protractor() => Gen.Elements(InstrumentCatalogue.All.ToArray());

    public static Gen<T> OneOf<T>()
        where T : struct, Enum => Gen.Elements(Enum.GetValues<T>());

    /// <summary>Every way a class may do things, words included.</summary>
    public static Gen<HouseRules> HouseRules() =>
        from turning in OneOf<Turning>()
        from scale in OneOf<ScaleRule>()
        from confirming in Gen.Elements<ScaleRule?>(
            null,
            ScaleRule.StartAtZero,
            ScaleRule.OpeningSide,
            ScaleRule.SizeFirst
        )
        from reflex in OneOf<ReflexMethod>()
        from kind in OneOf<KindSaid>()
        from estimate in Gen.Elements(true, false)
        from order in OneOf<LayingOrder>()
        from dots in OneOf<Dots>()
        from labelling in OneOf<Labelling>()
        from degrees in OneOf<DegreeStyle>()
        from arm in Gen.Elements(Language.Usual.Words["arm"].Keys.ToArray())
        from centre in Gen.Elements(Language.Usual.Words["centreMark"].Keys.ToArray())
        select new HouseRules(
            turning,
            scale,
            confirming,
            reflex,
            kind,
            estimate,
            order,
            dots,
            labelling,
            degrees,
            Words: Words.Usual with
            {
                Arm = arm,
                CentreMark = centre,
            }
        );

    /// <summary>The instrument laid well on an angle: centre mark on the vertex, zero line on the start arm.</summary>
    public static string Said(Item item) => Phrasing.Usual.Say(item.Prompt);

    public static Message Prompt => Text.Kinds.OwnPrompt("Do it.");

    public static Placement Well(Angle angle) =>
        new(
            angle.Vertex,
            angle.Opening == TurnDirection.Anticlockwise ? angle.Start : angle.Start.Opposite
        );
}

public sealed record ShownCase(Demonstration Demonstration, DemonstrationTask Task);

public sealed record LaidCase(Angle Angle, Protractor Protractor, Placement Placement);

/// <summary>Arbitraries for FsCheck's attributes.</summary>
public static class Arbitraries
{
    public static Arbitrary<ShownCase> ShownCase() =>
        (
            from demonstration in Gen.Elements(DemonstrationCatalogue.All.ToArray())
            from angle in Any.Angle(
                demonstration.Facts.LeastMeasure,
                demonstration.Facts.MostMeasure
            )
            from usual in Gen.Frequency(
                (2, Gen.Constant(demonstration.Facts.UsualInstrument)),
                (3, Any.Protractor())
            )
            from rules in Any.HouseRules()
            from given in Gen.Elements(true, false)
            select new ShownCase(
                demonstration,
                new DemonstrationTask(
                    angle,
                    usual,
                    new AngleNames("K", "L", "M"),
                    rules,
                    BaseRayGiven: given
                )
            )
        ).ToArbitrary();

    public static Arbitrary<Angle> Angle() => Any.Angle(1, 179).ToArbitrary();

    public static Arbitrary<LaidCase> LaidCase() =>
        (
            from angle in Any.Angle(1, 179)
            from protractor in Any.Protractor()
            from offset in Any.NearOrigin(15)
            from turn in Any.Degrees(0, 360)
            from over in Gen.Elements(true, false)
            select new LaidCase(
                angle,
                protractor,
                new Placement(
                    new Point(angle.Vertex.X + offset.X, angle.Vertex.Y + offset.Y),
                    new Direction(turn),
                    over
                )
            )
        ).ToArbitrary();
}
