using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations;

/// <summary>
/// The demonstration <i>measure an angle</i>: say the kind, turn, centre mark, zero line, extend if short, choose the scale,
/// count up, write, check. A reflex angle is measured by way of the smaller one (take from 360).
/// </summary>
public sealed class MeasureAngle
{
    // Roughly laid first and then lined up, so that the class sees each step do its work.
    private const double LooseTurn = 14;
    private const double AsideBy = 0.55;
    private const double LevelWithin = 0.5;

    private readonly Angle _given;
    private readonly Angle _lying;
    private readonly Protractor _protractor;
    private readonly AngleNames _names;
    private readonly HouseRules _rules;
    private readonly Placement _placed;
    private readonly LaidAngle _laid;
    private readonly List<Step> _steps = [];

    private MeasureAngle(Angle angle, Protractor protractor, AngleNames names, HouseRules rules)
    {
        _given = angle;
        _protractor = protractor;
        _names = names;
        _rules = rules;
        _lying =
            rules.Turning == Turning.Page ? angle.TurnedBy(TurnToLevel(angle, protractor)) : angle;
        Angle smaller = Measured(_lying);
        _placed = new Placement(
            angle.Vertex,
            smaller.Opening == Opening.Anticlockwise ? smaller.Start : smaller.Start.Opposite
        );
        _laid = LaidAngle.Of(_lying, protractor, _placed, WhichArm.Start);
    }

    private bool IsReflex =>
        _given.Measure.Kind == AngleKind.Reflex && _protractor.Shape == ProtractorShape.HalfCircle;

    private bool HasScale => _laid.Advice.ScaleIndex >= 0;

    private double Reading => _laid.CarefulReading ?? Measured(_lying).Measure.Degrees;

    private Scale ScaleInUse => _protractor.Scales[_laid.Advice.ScaleIndex];

    /// <summary>Builds the script.</summary>
    /// <param name="angle">The angle: more than 0°, less than 360°. Taken as checked.</param>
    /// <param name="protractor">An instrument with a scale that starts at the start arm.</param>
    /// <param name="names">Letters at its points.</param>
    /// <param name="rules">How the class does things.</param>
    /// <exception cref="ArgumentOutOfRangeException">There is nothing to measure: a zero angle or a full turn.</exception>
    public static Script Build(
        Angle angle,
        Protractor protractor,
        AngleNames names,
        HouseRules rules
    )
    {
        if (angle.Measure.Kind is AngleKind.Zero or AngleKind.FullTurn)
        {
            throw new ArgumentOutOfRangeException(
                nameof(angle),
                angle.Measure.Degrees,
                "The measure must be more than 0° and less than 360°: otherwise the arms lie on each other and there is nothing to lay on."
            );
        }
        var fromStart = new MeasureAngle(angle, protractor, names, rules);
        if (fromStart.HasScale)
        {
            return fromStart.Script();
        }
        // On an instrument with one scale, zero may lie on one arm only; either arm gives the same measure.
        var swapped = new AngleNames(names.Vertex, names.End, names.Start);
        var fromEnd = new MeasureAngle(angle.FromOtherArm, protractor, swapped, rules);
        return fromEnd.HasScale
            ? fromEnd.Script()
            : throw new ArgumentException(
                "No scale of this instrument has its zero at an end of the zero line, so no reading can start at zero.",
                nameof(protractor)
            );
    }

    private Script Script()
    {
        Kind();
        Turn();
        Centre();
        ZeroLine();
        Extend();
        ChooseScale();
        Count();
        TakeFrom360();
        Write();
        Check();
        return new Script(
            $"Measure {_names.Full}",
            _names,
            _protractor,
            _given.Measure.Degrees,
            _steps
        );
    }

    private void Kind()
    {
        AngleKind[] choices =
        [
            AngleKind.Acute,
            AngleKind.Right,
            AngleKind.Obtuse,
            AngleKind.Straight,
            AngleKind.Reflex,
        ];
        AngleKind kind = _given.Measure.Kind;
        var question = new Question(
            "Which kind of angle is this?",
            [.. choices.Select(Numbers.Adjective)],
            Array.IndexOf(choices, kind)
        );
        string written = Numbers.Adjective(kind);
        Add(
            "kind",
            "Kind",
            question,
            $"Look first: {Numbers.Compared(kind)}. It is {Numbers.WithArticle(kind)}, and we write that down.",
            new SheetState { Angle = _given, Written = written }
        );
    }

    private void Turn()
    {
        bool level =
            Math.Abs(
                _lying.Start.ShorterTurnTo(
                    new Direction(_lying.Start.Degrees is > 90 and < 270 ? 180 : 0)
                )
            ) <= LevelWithin;
        bool turned = _rules.Turning == Turning.Page && _lying.Start != _given.Start;
        string caption = (turned, level) switch
        {
            (true, _) =>
                $"Turn the page until {_names.StartRay} lies level. The angle stays the same.",
            (_, true) => $"{_names.StartRay} lies level already: nothing to turn.",
            _ =>
                $"{_names.StartRay} is not level. No need to turn the page: we turn the protractor with it.",
        };
        Add(
            "turn",
            "Turn",
            null,
            caption,
            State() with
            {
                Placement = Aside(),
                Spotlight = WhichArm.Start,
            }
        );
    }

    private void Centre() =>
        Add(
            "centre",
            Capital(FirstWord(Words.CentreMark)),
            new Question($"Where does the {Words.CentreMark} go?", [], -1),
            $"The {Words.CentreMark} goes exactly on the vertex {_names.Vertex}.",
            State() with
            {
                Placement = Loose(),
            }
        );

    private void ZeroLine() =>
        Add(
            "zero-line",
            Capital(Words.ZeroLine),
            null,
            $"Turn about {_names.Vertex} until the {Words.ZeroLine} covers {_names.StartRay}. Then look at the {Words.CentreMark} again.",
            State() with
            {
                Placement = _placed,
                Spotlight = WhichArm.Start,
            }
        );

    private void Extend()
    {
        (double? start, double? end) = Extensions();
        if (start is null && end is null)
        {
            return;
        }
        string which = (start, end) switch
        {
            (not null, not null) => "Both arms stop",
            (not null, _) => $"{_names.StartRay} stops",
            _ => $"{_names.EndRay} stops",
        };
        double missing = Math.Max(
            _laid.StartCrossing?.Shortfall ?? 0,
            _laid.EndCrossing?.Shortfall ?? 0
        );
        Add(
            "extend",
            "Extend",
            new Question(
                "The graduations are out of reach. Does a longer arm change the angle?",
                ["yes", "no"],
                1
            ),
            $"{which} {Numbers.Millimetres(missing)} short. Extend with the {Words.Straightedge}, exactly along itself; the angle stays the same.",
            Laid()
        );
    }

    private void ChooseScale()
    {
        string used = ScaleInUse.Id;
        string[] choices = [.. _protractor.Scales.Select(s => s.Id)];
        Question? question =
            choices.Length > 1
                ? new Question("Which numbers shall we follow?", choices, _laid.Advice.ScaleIndex)
                : null;
        Add(
            "scale",
            "Which scale",
            question,
            $"The zero that lies on {_names.StartRay} belongs to the {used} numbers, and they grow towards {_names.EndRay}.",
            Laid() with
            {
                InkedScale = used,
                Spotlight = WhichArm.Start,
            }
        );
    }

    private void Count() =>
        Add(
            "count",
            "Count",
            new Question($"Count along. What is the last label before {_names.EndRay}?", [], -1),
            $"Start at zero and follow the {ScaleInUse.Id} numbers: {Counted(Reading)}.",
            Counting() with
            {
                Spotlight = WhichArm.End,
            }
        );

    private void TakeFrom360()
    {
        if (IsReflex)
        {
            Add(
                "take-from-360",
                "From 360",
                new Question(
                    "The protractor shows the smaller angle. How do we get the reflex one?",
                    [],
                    -1
                ),
                $"A full turn is 360°. What is left over: 360° − {Numbers.Degrees(Rounded(Reading))} = {Numbers.Degrees(360 - Rounded(Reading))}.",
                Counting()
            );
        }
    }

    private void Write() =>
        Add(
            "write",
            "Write",
            null,
            $"Write it beside the arc, with the degree sign: {_names.Full} = {Numbers.Degrees(Result)}.",
            Counting() with
            {
                Written = Numbers.Degrees(Result),
            }
        );

    private void Check()
    {
        AngleKind kind = _given.Measure.Kind;
        Add(
            "check",
            "Check",
            new Question(
                $"We said {Numbers.Adjective(kind)}. Can {Numbers.Degrees(Result)} be right?",
                ["yes", "no"],
                0
            ),
            $"{Numbers.Degrees(Result)} is {Numbers.Compared(kind)}: {Numbers.WithArticle(kind)}, as we said. Measuring again from {_names.EndRay} must give the same.",
            Laid() with
            {
                Written = Numbers.Degrees(Result),
                Placement = null,
            }
        );
    }

    private double Result => IsReflex ? 360 - Rounded(Reading) : Rounded(Reading);

    private static Words Words => HouseRules.Words;

    private SheetState State() =>
        new() { Angle = _lying, Written = Numbers.Adjective(_given.Measure.Kind) };

    private SheetState Laid()
    {
        (double? start, double? end) = Extensions();
        return State() with { Placement = _placed, StartExtendedTo = start, EndExtendedTo = end };
    }

    private SheetState Counting() =>
        Laid() with
        {
            InkedScale = ScaleInUse.Id,
            Thread = CountingThread.Along(_protractor, _placed, _laid.Advice.ScaleIndex, Reading),
        };

    private Placement Loose() => _placed with { Turn = _placed.Turn.Turned(LooseTurn) };

    private Placement Aside() =>
        Loose() with
        {
            Centre = _given.Vertex.Towards(
                Measured(_lying).Bisector,
                _protractor.EdgeRadius * AsideBy
            ),
        };

    private (double? Start, double? End) Extensions() =>
        (ExtendedTo(_laid.StartCrossing), ExtendedTo(_laid.EndCrossing));

    private static double? ExtendedTo(Crossing? crossing)
    {
        // Well past the rim, so that the extension is seen to cross the graduations.
        const double Beyond = 10;
        return crossing is { Reaches: false } at ? at.DistanceFromVertex + Beyond : null;
    }

    private static string Counted(double reading)
    {
        int nearest = (int)Rounded(reading);
        int ten = nearest / 10 * 10;
        int ones = nearest % 10;
        string tens = ten switch
        {
            0 => "zero",
            10 => "zero, ten",
            20 => "ten, twenty",
            _ => $"ten, twenty … {Numbers.SaidTen(ten)}",
        };
        string rest = ones switch
        {
            0 => "",
            5 => ", and five more",
            > 5 => $", five, and {Numbers.SaidUnit(ones - 5)} more",
            _ => $", and {Numbers.SaidUnit(ones)} more",
        };
        double past = reading - nearest;
        string between =
            Math.Abs(past) < 0.05 ? ""
            : Math.Abs(past) < 0.45
                ? $". The arm lies a little {(past > 0 ? "past" : "before")} that graduation; we take the nearest"
            : ". The arm lies between two graduations; either may be written";
        return tens + rest + between;
    }

    private static double Rounded(double degrees) =>
        Math.Round(degrees, MidpointRounding.AwayFromZero);

    private Angle Measured(Angle angle) =>
        _protractor.Shape == ProtractorShape.HalfCircle ? angle.Smaller : angle;

    private static double TurnToLevel(Angle angle, Protractor protractor)
    {
        Angle smaller = protractor.Shape == ProtractorShape.HalfCircle ? angle.Smaller : angle;
        return smaller.Start.ShorterTurnTo(
            new Direction(smaller.Opening == Opening.Anticlockwise ? 0 : 180)
        );
    }

    private void Add(
        string key,
        string label,
        Question? question,
        string caption,
        SheetState state
    ) => _steps.Add(new Step(key, label, question, caption, state));

    private static string FirstWord(string words) => words.Split(' ')[0];

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
