using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.SimulatedClass;

/// <summary>Makes students from a seed: a third without a habit, the others with one, some with two; each with a hand and a speed.</summary>
internal static class Roll
{
    private const int InAClass = 30;

    private static readonly Mistake[] Habits =
    [
        MistakeCatalogue.Get<OtherScale>(),
        MistakeCatalogue.Get<WrongTen>(),
        MistakeCatalogue.Get<TicksBackwards>(),
        MistakeCatalogue.Get<TenFromOtherScale>(),
        MistakeCatalogue.Get<SwappedDigits>(),
        MistakeCatalogue.Get<StraightEdgeForZeroLine>(),
        MistakeCatalogue.Get<GapAtVertex>(),
        MistakeCatalogue.Get<MissedOwnDot>(),
        .. MistakeCatalogue.OfConstruction.Where(m => m.CanBeHabit),
        .. MistakeCatalogue.OfAlgebra,
        .. MistakeCatalogue.OfTriangles,
    ];

    // So many compasses of a class set no longer hold. Common practice, no source.
    private const double WornCompasses = 0.1;

    /// <summary>Classes of thirty students at most.</summary>
    internal static IEnumerable<IReadOnlyList<SimulatedStudent>> Classes(int students, int seed)
    {
        var random = new SeededRandom(seed, stream: 30);
        IReadOnlyList<SimulatedStudent> names = DemoClass.Students;
        return Enumerable
            .Range(0, students)
            .Select(i =>
            {
                string name = names[i % InAClass % names.Count].Name;
                string number = i % InAClass < names.Count ? "" : " II";
                return Student(name + number, random);
            })
            .Chunk(InAClass);
    }

    private static SimulatedStudent Student(string name, SeededRandom random)
    {
        var habits = new List<Habit>();
        if (random.Chance(2.0 / 3))
        {
            habits.Add(Habit(random));
        }
        if (habits.Count > 0 && random.Chance(0.15))
        {
            Habit second = Habit(random);
            if (second.Mistake != habits[0].Mistake)
            {
                habits.Add(second);
            }
        }
        double shaky = 0.6 + random.Share();
        Hand careful = Hand.Careful;
        return new SimulatedStudent(
            name,
            habits,
            new Hand(
                careful.CentreMillimetres * shaky,
                careful.TurnDegrees * shaky,
                careful.EyeDegrees * shaky,
                careful.PencilMillimetres * shaky
            )
        )
        {
            SecondsAnItem = 20 + 50 * random.Share(),
            HasWornCompass = random.Chance(WornCompasses),
        };
    }

    private static Habit Habit(SeededRandom random) =>
        new(Habits[random.Below(Habits.Length)], 0.4 + 0.5 * random.Share());
}
