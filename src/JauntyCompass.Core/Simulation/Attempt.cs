using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Core.Simulation;

/// <summary>One go of a simulated student at one item: which habits show this time, and what the hand does.</summary>
public sealed class Attempt
{
    private readonly HashSet<Mistake> _showing = [];
    private readonly SimulatedStudent _student;
    private readonly SeededRandom _random;

    /// <summary>Rolls the dice for one item.</summary>
    public Attempt(SimulatedStudent student, SeededRandom random)
    {
        _student = student;
        _random = random;
        foreach (Habit habit in student.Habits)
        {
            if (random.Chance(habit.Probability))
            {
                _showing.Add(habit.Mistake);
            }
        }
    }

    /// <summary>Whether a habit shows this time.</summary>
    public bool Shows(Mistake mistake) => _showing.Contains(mistake);

    /// <summary>Whether a habit of a type shows this time.</summary>
    public bool Shows<T>()
        where T : Mistake => Shows(MistakeCatalogue.Get<T>());

    /// <summary>Whether a habit of a type shows this time, and can with the instrument in hand.</summary>
    public bool Shows<T>(Protractor instrument)
        where T : Mistake => Shows<T>() && MistakeCatalogue.Get<T>().CanBeMadeOn(instrument);

    /// <summary>Chooses as this student does: what a showing habit leads to, else what is right.</summary>
    public string Choose(IReadOnlyList<Option> options)
    {
        Option[] led = [.. options.Where(o => o.Causes.Any(c => Shows(c.Mistake)))];
        Option[] among = led.Length > 0 ? led : [.. options.Where(o => o.Right)];
        return among[Which(among.Length)].Choice.Key;
    }

    /// <summary>The answer to which a showing habit leads; null where none does.</summary>
    public TAnswer? Led<TAnswer>(IReadOnlyList<Lead<TAnswer>> leads)
        where TAnswer : ExactAnswer =>
        leads.FirstOrDefault(l => Shows(l.By.Mistake)) is { } lead
            ? lead.Answers[Which(lead.Answers.Count)]
            : null;

    /// <summary>Computes a sum as this student does.</summary>
    public double Compute<TSum>(TSum sum, IReadOnlyList<SumMistake<TSum>> mistakes)
        where TSum : ISum
    {
        if (mistakes.FirstOrDefault(Shows) is not { } mistake)
        {
            return sum.Result;
        }
        IReadOnlyList<double> wrong = PredictionCatalogue.Predict(mistake, sum);
        return wrong.Count > 0 ? wrong[Which(wrong.Count)] : sum.Result;
    }

    /// <summary>Reads a laid instrument as this student does, a whole number of degrees.</summary>
    public double Read(in LaidAngle laid)
    {
        // Where no scale begins at the lined-up arm, both arms are read on the only one, and one taken from the other.
        double seen =
            (
                laid.Advice.ScaleIndex < 0 && !Shows<OnlyScaleOtherWay>()
                    ? laid.CarefulReading
                    : laid.Reading(
                        ScaleUsed(laid.Advice.ScaleIndex, laid.Protractor),
                        laid.Alignment.ReadArm
                    )
            ) ?? laid.Angle.Measure.Degrees;
        double full = laid.Protractor.FullScale;
        int number = (int)Math.Round(Math.Clamp(seen + Eye(), 0, full));
        return Math.Clamp(Garble(number, full), 0, 360);
    }

    /// <summary>Lays the instrument on an angle and reads it; tells where it lay.</summary>
    public (double Reading, Placement Placement) Measure(Angle angle, Protractor instrument)
    {
        Placement placement = Lay(angle, instrument);
        return (Read(LaidAngle.Of(angle, instrument, placement, WhichArm.Start)), placement);
    }

    /// <summary>Reads a length from a ruler as this student does, in mm.</summary>
    /// <param name="length">The length, in mm.</param>
    /// <param name="ruler">The ruler.</param>
    /// <param name="isSecond">Whether it belongs to the second of two figures: who mixes units changes between them.</param>
    public double ReadLength(double length, Ruler ruler, bool isSecond)
    {
        double seen = Shows<FromRulersEdge>() ? ruler.FromItsEnd(length) : length;
        seen = Math.Round(seen + _random.Normal(_student.Hand.CentreMillimetres));
        return isSecond && Shows<UnitsMixed>() ? seen / 10 : seen;
    }

    /// <summary>Whole number near a value, as a person who looks and does not measure says it.</summary>
    public double Guess(double truth, double spread) =>
        Math.Clamp(Math.Round((truth + _random.Normal(spread)) / 5) * 5, 5, 355);

    /// <summary>Whether this hand has no noise at all.</summary>
    public bool IsPerfect => _student.Hand == Hand.Perfect;

    /// <summary>Whether the opening of this student's compass slips between two arcs: by a habit of the hand, or of the hinge.</summary>
    public bool CompassSlips => _student.HasWornCompass || Shows<OpeningChanged>();

    /// <summary>One of some possibilities.</summary>
    public int Which(int possibilities) => _random.Below(possibilities);

    /// <summary>Noise of the eye, in degrees.</summary>
    public double Eye() => Eye(_student.Hand.EyeDegrees);

    /// <summary>Noise of an eye that strays so far, in degrees.</summary>
    public double Eye(double spread) => _random.Normal(spread);

    /// <summary>A point a little beside where it was meant, to a hundredth of a millimetre as the Bench keeps it.</summary>
    public Point Pencil(Point meant) =>
        IsPerfect
            ? meant
            : new Point(
                meant.X + _random.Normal(_student.Hand.PencilMillimetres),
                meant.Y + _random.Normal(_student.Hand.PencilMillimetres)
            ).Rounded();

    /// <summary>Where the needle comes to stand that is meant for a point.</summary>
    public Point Needle(Point meant) =>
        IsPerfect
            ? meant
            : new Point(
                meant.X + _random.Normal(_student.Hand.CentreMillimetres),
                meant.Y + _random.Normal(_student.Hand.CentreMillimetres)
            );

    /// <summary>A number between two, for mistakes that have a size.</summary>
    public double Size(double least, double most) => least + (most - least) * _random.Share();

    /// <summary>Plus or minus one.</summary>
    public int Side() => _random.Chance(0.5) ? 1 : -1;

    /// <summary>Lays the instrument with its zero on the start arm, as well or as badly as this student does.</summary>
    public Placement Lay(Angle angle, Protractor instrument)
    {
        Hand hand = _student.Hand;
        Direction turn = WellLaid.Over(angle, instrument).Turn;
        turn = turn.Turned(_random.Normal(hand.TurnDegrees));
        var centre = new Point(
            angle.Vertex.X + _random.Normal(hand.CentreMillimetres),
            angle.Vertex.Y + _random.Normal(hand.CentreMillimetres)
        );
        if (Shows<ZeroLineOff>())
        {
            turn = turn.Turned(Side() * Size(4, 9));
        }
        if (Shows<CentreMarkOff>())
        {
            // Slid along the arm or across it; what it costs depends on the angle.
            centre = centre.Towards(angle.Start.Turned(Side() * Size(30, 150)), Size(5, 9));
        }
        if (Shows<StraightEdgeForZeroLine>())
        {
            centre = centre.Towards(turn.Turned(90), instrument.Inset);
        }
        return new Placement(centre, turn);
    }

    /// <summary>The same before a dot is made: it may move once more while the pencil is taken.</summary>
    /// <returns>How it lay at the dot, and where it had rested before.</returns>
    public (Placement Placement, IReadOnlyList<Placement> Rested) LayForDot(
        Angle asked,
        Protractor instrument
    )
    {
        Placement laid = Lay(asked, instrument);
        return Shows<MovedBeforeDot>()
            ? (laid with { Turn = laid.Turn.Turned(Side() * Size(4, 9)) }, [laid])
            : (laid, []);
    }

    /// <summary>Which scale this student goes by: the right one, or another.</summary>
    /// <param name="right">Index of the scale that starts at zero; -1 where none does.</param>
    /// <param name="instrument">The instrument.</param>
    public int ScaleUsed(int right, Protractor instrument)
    {
        int used = Math.Max(0, right);
        return Shows<OtherScale>(instrument) ? (used + 1) % instrument.Scales.Count : used;
    }

    /// <summary>What becomes of a number in this student's head.</summary>
    /// <param name="number">The number seen or aimed at, in degrees.</param>
    /// <param name="fullScale">The largest number of the instrument, in degrees.</param>
    public int Garble(int number, double fullScale)
    {
        int last = (int)fullScale / 10;
        int tens = number / 10;
        int ones = number % 10;
        if (Shows<TicksBackwards>() && ones != 0)
        {
            ones = 10 - ones;
        }
        if (Shows<TenFromOtherScale>())
        {
            tens = last - tens;
        }
        if (Shows<WrongTen>())
        {
            tens += tens == 0 || (tens < last - 1 && _random.Chance(0.5)) ? 1 : -1;
        }
        int garbled = tens * 10 + ones;
        if (Shows<SwappedDigits>() && garbled >= 10)
        {
            int hundreds = garbled / 100;
            garbled = 100 * hundreds + 10 * ones + (tens - 10 * hundreds);
        }
        return garbled;
    }
}
