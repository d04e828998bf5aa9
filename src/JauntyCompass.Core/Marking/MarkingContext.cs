using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Recognition;

namespace JauntyCompass.Core.Marking;

/// <summary>Whether an angle was there to be read, or asked for to be drawn.</summary>
public enum Activity
{
    /// <summary>The angle stands on the sheet and its measure is to be found.</summary>
    Measuring,

    /// <summary>The measure is given and the angle is to be drawn.</summary>
    Drawing,
}

/// <summary>
/// The true context in which an answer was made, as a mistake sees it: the measure, the instrument, the placement if it is
/// known. It turns "this number on that scale" into the answer that comes of it, the same way for measuring and for drawing.
/// </summary>
public sealed class MarkingContext
{
    // A reading of 170 and a ten more may come to a hair above 180; that is still on the scale.
    private const double RoundingAllowance = 1e-6;

    private readonly Angle _angle;
    private readonly LaidAngle? _laid;

    // When drawing: the scale in use before the instrument moved, since as it lies now none may begin at zero.
    private readonly int? _scaleBefore;

    private MarkingContext(
        Activity activity,
        Angle angle,
        Protractor instrument,
        Placement? placement,
        int? scaleBefore = null
    )
    {
        Activity = activity;
        _angle = angle;
        Instrument = instrument;
        _scaleBefore = scaleBefore;
        if (placement is Placement known)
        {
            // A drawer has only the base ray to line up, so that is the lined-up arm whatever the other will be.
            _laid =
                activity == Activity.Drawing
                    ? LaidAngle.Of(angle, instrument, known, WhichArm.Start)
                    : LaidAngle.Of(angle, instrument, known);
            LaidAngle onVertex = LaidAngle.Of(
                angle,
                instrument,
                known with
                {
                    Centre = angle.Vertex,
                },
                _laid.Value.Alignment.LinedUpArm
            );
            // Asked for by every mistake; how the instrument lies is too large to be copied each time.
            ScaleInUse = ScaleOf(_laid.Value);
            ExpectedReading = CarefulIn(_laid.Value);
            PlacingByZeroLine = (CarefulIn(onVertex) ?? Measure) - Measure;
            PlacingByCentre = (ExpectedReading ?? Measure) - Measure - PlacingByZeroLine;
        }
        else
        {
            ExpectedReading = Measure;
        }
        StartingNumber = activity == Activity.Measuring ? ExpectedReading ?? Measure : Measure;
    }

    /// <summary>Measuring or drawing.</summary>
    public Activity Activity { get; }

    /// <summary>The instrument.</summary>
    public Protractor Instrument { get; }

    /// <summary>The angle as it is laid, or null when the placement is not known.</summary>
    public LaidAngle? Laid => _laid;

    /// <summary>The true angle; when drawing, the one that was asked for.</summary>
    public Angle Angle => _angle;

    /// <summary>The true measure, in degrees.</summary>
    public double Measure => _angle.Measure.Degrees;

    /// <summary>What a careful student gets at this placement, in degrees; null when the placement gives nothing.</summary>
    public double? ExpectedReading { get; }

    /// <summary>The number a student sets out from: the careful reading when measuring, the asked measure when drawing.</summary>
    public double StartingNumber { get; private set; }

    // Whether the number set out from is not what the instrument shows, but what an earlier mistake has made of it.
    private bool _isSecondHand;

    /// <summary>The same context for someone who sets out from another number: a second mistake on top of a first.</summary>
    internal MarkingContext WithNumber(double seen)
    {
        var same = (MarkingContext)MemberwiseClone();
        same.StartingNumber = seen;
        same._isSecondHand = true;
        return same;
    }

    /// <summary>
    /// Whether the instrument lay well before, and no longer did when the dot was made. Only known of a drawing at which it is told
    /// where the instrument rested.
    /// </summary>
    public bool MovedBeforeDot { get; private init; }

    /// <summary>The part of the placing error that comes of the zero line being turned off its arm, in degrees.</summary>
    public double PlacingByZeroLine { get; }

    /// <summary>The rest of the placing error: the centre mark off the vertex, in degrees.</summary>
    public double PlacingByCentre { get; }

    /// <summary>Whether it is known how the instrument lay.</summary>
    public bool IsLaid => _laid.HasValue;

    /// <summary>Whether it is known that the instrument was never laid on.</summary>
    public bool NeverLaid { get; private init; }

    /// <summary>Index of the scale that starts at zero here, or -1 when the placement is not known or names none.</summary>
    public int ScaleInUse { get; } = -1;

    private int ScaleOf(in LaidAngle laid) =>
        Activity == Activity.Measuring
            ? laid.Advice.ScaleIndex
            : _scaleBefore ?? laid.ScaleFromZero;

    /// <summary>The largest reading of the instrument's graduated edge: 180 or 360.</summary>
    public double FullScale => Instrument.FullScale;

    /// <summary>
    /// The number a student sets out from as it is counted on this instrument: the label before it and what is counted on from there, in
    /// degrees, to the nearest whole degree. Without labels all of it is counted on from zero.
    /// </summary>
    internal (double Label, double Onwards) Counted()
    {
        double seen = Math.Round(StartingNumber);
        double rest = Instrument.HasLabels ? seen % Instrument.LabelEvery : seen;
        return (seen - rest, rest);
    }

    /// <summary>Whether the instrument lay there already, so that nobody laid it well or badly and nobody can move it.</summary>
    public bool IsFixed { get; private init; }

    /// <summary>A measuring task. Placement null: not known.</summary>
    public static MarkingContext Measuring(
        Angle angle,
        Protractor instrument,
        Placement? placement
    ) => new(Activity.Measuring, angle, instrument, placement);

    /// <summary>A task of reading an instrument that lies there already.</summary>
    public static MarkingContext Reading(Angle angle, Protractor instrument, Placement placement) =>
        new(Activity.Measuring, angle, instrument, placement) { IsFixed = true };

    /// <summary>A drawing task; the angle is the one asked for, its start arm the base ray.</summary>
    /// <param name="asked">The angle asked for.</param>
    /// <param name="instrument">The instrument.</param>
    /// <param name="placement">How it lay when the dot was made; absent where it is known that it was never laid on.</param>
    /// <param name="rested">Where it had come to rest before that, in order; null or empty when that is not known.</param>
    public static MarkingContext Drawing(
        Angle asked,
        Protractor instrument,
        Seen<Placement> placement,
        IReadOnlyList<Placement>? rested = null
    )
    {
        var context = new MarkingContext(Activity.Drawing, asked, instrument, placement.Value)
        {
            NeverLaid = placement.IsAbsent,
        };
        if (!context.IsLaid || context.CostsLittle(context.ExpectedReading))
        {
            return context;
        }
        foreach (Placement before in rested ?? [])
        {
            var well = LaidAngle.Of(asked, instrument, before, WhichArm.Start);
            if (context.CostsLittle(context.CarefulIn(well)))
            {
                return new MarkingContext(
                    Activity.Drawing,
                    asked,
                    instrument,
                    placement.Value,
                    well.ScaleFromZero
                )
                {
                    MovedBeforeDot = true,
                };
            }
        }
        return context;
    }

    private bool CostsLittle(double? careful) =>
        careful is double result && Math.Abs(result - Measure) < PlacingCost.Material;

    /// <summary>
    /// The answer that comes of taking a number on the scale in use: itself when measuring; when drawing, the angle that a
    /// dot at that number gives. Null where the scale has no such number.
    /// </summary>
    /// <param name="number">The number read or aimed at, in degrees.</param>
    public double? Result(double number) =>
        number >= 0 && number <= FullScale + RoundingAllowance ? Result(number, ScaleInUse) : null;

    /// <summary>The answer that comes of using another scale the whole way; null where that scale shows nothing.</summary>
    /// <param name="scaleIndex">Index of the scale.</param>
    public double? ResultOnScale(int scaleIndex)
    {
        if (_laid is not LaidAngle laid || _isSecondHand)
        {
            return BesideOn(scaleIndex, StartingNumber);
        }
        return Activity == Activity.Measuring
            ? laid.Reading(scaleIndex, laid.Alignment.ReadArm)
            : Result(StartingNumber, scaleIndex);
    }

    /// <summary>
    /// What the other scale has at the graduation at which a number of the scale in use stands; an only scale, counted from its other
    /// end. Null where nothing is printed there.
    /// </summary>
    internal double? BesideOn(int scaleIndex, double number)
    {
        if (Instrument.Scales.Count == 1)
        {
            return FullScale - number;
        }
        int used =
            ScaleInUse >= 0 ? ScaleInUse
            : scaleIndex == 0 ? 1
            : 0;
        return Instrument.Scales[scaleIndex].ReadingAt(Instrument.Scales[used].BearingOf(number));
    }

    /// <summary>Where a number on a scale lies on the graduated edge, or null when the placement is not known.</summary>
    public Point? OnEdge(double number, int scaleIndex) =>
        _laid is LaidAngle laid && scaleIndex >= 0
            ? laid.Placement.PointAt(
                Instrument.Scales[scaleIndex].BearingOf(number),
                Instrument.EdgeRadius
            )
            : null;

    private double? Result(double number, int scaleIndex)
    {
        if (Activity == Activity.Measuring || _laid is not LaidAngle laid || scaleIndex < 0)
        {
            return number;
        }
        return DrawnThrough(laid, number, scaleIndex);
    }

    private double? CarefulIn(in LaidAngle laid)
    {
        if (Activity == Activity.Measuring)
        {
            return laid.CarefulReading;
        }
        int scale = ScaleOf(laid);
        if (scale >= 0)
        {
            return DrawnThrough(laid, Measure, scale);
        }
        // An only scale that counts towards the ray still draws the angle: the dot belongs at what is left of the whole.
        return
            (laid.Alignment.IsLinedUp || _scaleBefore is not null) && Instrument.Scales.Count == 1
            ? DrawnThrough(laid, FullScale - Measure, 0)
            : null;
    }

    private double? DrawnThrough(in LaidAngle laid, double number, int scaleIndex)
    {
        Point dot = laid.Placement.PointAt(
            Instrument.Scales[scaleIndex].BearingOf(number),
            Instrument.EdgeRadius
        );
        return Math.Abs(DrawnTurn.Of(_angle, Direction.Between(_angle.Vertex, dot)));
    }
}
