using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using Shouldly;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>A sheet of paper turned, pushed aside or seen from behind is the same work, and gets the same mark.</summary>
public class SymmetryTests
{
    /// <summary>A way of moving a whole sheet with all that lies on it.</summary>
    public sealed record Motion(double Turn, double Right, double Up, bool Mirrored)
    {
        public Point Of(Point point)
        {
            double x = Mirrored ? -point.X : point.X;
            (double sin, double cos) = Math.SinCos(Turn * Math.PI / 180);
            return new Point(x * cos - point.Y * sin + Right, x * sin + point.Y * cos + Up);
        }

        public Direction Of(Direction direction) =>
            new Direction(Mirrored ? 180 - direction.Degrees : direction.Degrees).Turned(Turn);

        public TurnDirection Of(TurnDirection opening) => Mirrored ? opening.Reversed() : opening;

        public Angle Of(Angle angle) =>
            angle with
            {
                Vertex = Of(angle.Vertex),
                Start = Of(angle.Start),
                Opening = Of(angle.Opening),
            };

        // Seen from behind, an instrument is one that is turned over.
        public Placement Of(Placement placement) =>
            new(
                Of(placement.Centre),
                new Direction(Mirrored ? -placement.Turn.Degrees : placement.Turn.Degrees).Turned(
                    Turn
                ),
                placement.TurnedOver != Mirrored
            );
    }

    public static class Motions
    {
        public static Arbitrary<Motion> Motion() =>
            (
                from turn in Any.Degrees(0, 360)
                from right in Any.Degrees(-80, 80)
                from up in Any.Degrees(-80, 80)
                from mirrored in Gen.Elements(true, false)
                select new Motion(turn, right, up, mirrored)
            ).ToArbitrary();
    }

    private static readonly string[] Habits =
    [
        "other-scale",
        "wrong-ten",
        "ticks-backwards",
        "swapped-digits",
        "centre-mark-off",
        "zero-line-off",
        "straight-edge-for-zero-line",
        "gap-at-vertex",
        "missed-own-dot",
        "arm-too-short",
        "opens-wrong-way",
        "ran-on-behind-vertex",
        "thick-dot",
        "drew-by-eye",
    ];

    private static (Angle Angle, SimulatedStudent Student, SeededRandom Random) Work(int seed)
    {
        var random = new SeededRandom(seed);
        var angle = new Angle(
            new Point(random.Between(-20, 20), random.Between(-20, 20)),
            new Direction(random.Below(360)),
            new Core.Angles.Measure(random.Between(6, 174)),
            random.Chance(0.5) ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
            random.Between(50, 95),
            random.Between(50, 95)
        );
        string habit = Habits[random.Below(Habits.Length)];
        return (
            angle,
            new SimulatedStudent("Bo", [new Habit(MistakeCatalogue.Find(habit)!, 1)], Hand.Careful),
            random
        );
    }

    private static void ShouldBeTheSame(Mark moved, Mark mark)
    {
        moved.Verdict.ShouldBe(mark.Verdict);
        moved.LikelyCause.ShouldBe(mark.LikelyCause);
        moved.Feedback.ShouldBe(mark.Feedback);
        moved.Credit.ShouldBe(mark.Credit);
        (moved.Value ?? -1).ShouldBe(mark.Value ?? -1, 1e-6);
        (moved.Parts?.Placing ?? 0).ShouldBe(mark.Parts?.Placing ?? 0, 1e-6);
        (moved.Parts?.Ruling ?? 0).ShouldBe(mark.Parts?.Ruling ?? 0, 1e-6);
        moved
            .Causes.Select(c => c.Mistake)
            .Order()
            .ShouldBe(mark.Causes.Select(c => c.Mistake).Order());
    }

    [Property(Arbitrary = [typeof(Motions)], MaxTest = 200)]
    public void A_reading_gets_the_same_mark_however_the_sheet_lies(int seed, Motion motion)
    {
        (Angle angle, SimulatedStudent student, SeededRandom random) = Work(seed);
        var item = new MeasureItem(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            angle,
            new AngleNames("K", "L", "M")
        );
        ExerciseKind kind = ExerciseKinds.Of(item);
        var response = (MeasureResponse)kind.Attempt(item, student, random);
        Mark mark = kind.Mark(item, response, MarkingRules.Usual);
        Mark moved = kind.Mark(
            item with
            {
                Angle = motion.Of(angle),
            },
            response with
            {
                Placement = motion.Of(response.Placement!.Value),
            },
            MarkingRules.Usual
        );
        ShouldBeTheSame(moved, mark);
    }

    [Property(Arbitrary = [typeof(Motions)], MaxTest = 200)]
    public void A_drawing_gets_the_same_mark_however_the_sheet_lies(
        int seed,
        Motion motion,
        bool ownBase
    )
    {
        (Angle angle, SimulatedStudent student, SeededRandom random) = Work(seed);
        bool own = ownBase && angle.Measure.Degrees is >= 10 and <= 170;
        var item = new DrawItem(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            angle.Measure,
            own ? null : new BaseRay(angle.Vertex, angle.Start, 90),
            angle.Opening,
            new AngleNames("K", "L", "M")
        );
        ExerciseKind kind = ExerciseKinds.Of(item);
        var response = (DrawResponse)kind.Attempt(item, student, random);
        Mark mark = kind.Mark(item, response, MarkingRules.Usual);
        Mark moved = kind.Mark(
            item with
            {
                BaseRay = item.BaseRay is { } ray
                    ? ray with
                    {
                        Vertex = motion.Of(ray.Vertex),
                        Direction = motion.Of(ray.Direction),
                    }
                    : null,
                Opening = motion.Of(item.Opening),
            },
            response with
            {
                Strokes =
                [
                    .. response.Strokes.Select(s => new Stroke([.. s.Points.Select(motion.Of)])),
                ],
                Dots = [.. response.Dots.Select(motion.Of)],
                Arc = response.Arc is Point arc ? motion.Of(arc) : null,
                Placement = response.Placement is Placement laid ? motion.Of(laid) : null,
            },
            MarkingRules.Usual
        );
        ShouldBeTheSame(moved, mark);
    }
}
