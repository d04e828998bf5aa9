using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Estimating;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>The steps of measuring that several demonstrations share, for one figure and one instrument on the sheet.</summary>
/// <param name="Board">Where the steps are collected.</param>
/// <param name="FigureId">The figure that is measured.</param>
/// <param name="StandardPlacement">How the instrument comes to lie.</param>
internal sealed record MeasuringSteps(
    Storyboard Board,
    string FigureId,
    StandardPlacement StandardPlacement
)
{
    // Roughly laid first and then lined up, so that the class sees each step do its work.
    private const double LooseTurn = 14;
    private const double LooseSlide = 17;
    private const double AsideBy = 0.55;
    private const double LevelWithin = 0.5;

    // Well past the rim, so that an extension is seen to cross the graduations, in mm.
    private const double BeyondRim = 10;

    private Phrasing Phrasing => Board.Phrasing;

    private AngleNames Names => StandardPlacement.Names;

    private Protractor Protractor => StandardPlacement.Protractor;

    /// <summary>Says the kind of the figure and writes it beside the arc.</summary>
    internal void Kind(Angle given) => KindStep.Add(Board, FigureId, given);

    /// <summary>Estimates against a benchmark; the estimate is kept for the check.</summary>
    internal void MakeEstimate(Angle given)
    {
        Estimate estimate = Estimate.Of(given.Measure);
        Board.Change(
            FigureId,
            f => f with { Written = $"about {Phrasing.Degrees(estimate.Number)}" }
        );
        Board.Step(
            "estimate",
            "Estimate",
            estimate.Caption(Phrasing),
            Question.Open("Which benchmark is nearest? More or less? Say a number.")
        );
    }

    /// <summary>Turns the instrument, or has turned the page.</summary>
    /// <param name="pageTurned">Whether the page was turned.</param>
    internal void Turn(bool pageTurned)
    {
        double direction = StandardPlacement.Angle.Start.Degrees;
        double offLevel = StandardPlacement.Angle.Start.ShorterTurnTo(
            new Direction(direction is > 90 and < 270 ? 180 : 0)
        );
        bool level = Math.Abs(offLevel) <= LevelWithin;
        bool upsideDown = StandardPlacement.Placement.Turn.SinCos().Cos < -0.5;
        string caption = (pageTurned, level, upsideDown) switch
        {
            (true, _, _) =>
                $"Turn the page until {Names.StartRay} lies level. The angle stays the same.",
            (_, _, true) =>
                $"The opening lies below {Names.StartRay}: the protractor goes on upside down, and that is fine.",
            (_, true, _) => $"{Names.StartRay} lies level already: nothing to turn.",
            _ =>
                $"{Names.StartRay} is not level. No need to turn the page: we turn the protractor with it.",
        };
        Lay(Aside(), waiting: true);
        Spotlight(WhichArm.Start);
        Board.Step("turn", "Turn", caption);
    }

    /// <summary>Brings centre mark and zero line to their places, in the order of the class.</summary>
    internal void CentreAndZeroLine()
    {
        if (Board.Rules.Order == LayingOrder.ZeroLineFirst)
        {
            Lay(
                StandardPlacement.Placement with
                {
                    Centre = StandardPlacement.Angle.Vertex.Towards(
                        StandardPlacement.Angle.Start,
                        LooseSlide
                    ),
                }
            );
            ZeroLine($"Lay the {Phrasing.Words.ZeroLine} along {Names.StartRay}, anywhere on it.");
            Lay(StandardPlacement.Placement);
            Centre(
                $"Now slide it along {Names.StartRay} until the {Phrasing.Words.CentreMark} is exactly on the vertex {Names.Vertex}."
            );
            return;
        }
        Lay(
            StandardPlacement.Placement with
            {
                Turn = StandardPlacement.Placement.Turn.Turned(LooseTurn),
            }
        );
        Centre($"The {Phrasing.Words.CentreMark} goes exactly on the vertex {Names.Vertex}.");
        Lay(StandardPlacement.Placement);
        ZeroLine(
            $"Turn about {Names.Vertex} until the {Phrasing.Words.ZeroLine} covers {Names.StartRay}. Then look at the {Phrasing.Words.CentreMark} again."
        );
    }

    /// <summary>Extends arms that do not reach the graduations; nothing when both do.</summary>
    internal void Extend()
    {
        (double? start, double? end) = Extensions();
        if (start is null && end is null)
        {
            return;
        }
        string which = (start, end) switch
        {
            (not null, not null) => $"Both {Phrasing.Words.Arm}s stop",
            (not null, _) => $"{Names.StartRay} stops",
            _ => $"{Names.EndRay} stops",
        };
        double missing = Math.Max(
            StandardPlacement.Laid.StartCrossing?.Shortfall ?? 0,
            StandardPlacement.Laid.EndCrossing?.Shortfall ?? 0
        );
        Spotlight(null);
        Board.Change(FigureId, f => Extended(f, start, end));
        Arm shortArm = end is not null
            ? StandardPlacement.Angle.EndArm
            : StandardPlacement.Angle.StartArm;
        Board.Sheet = Board.Sheet with
        {
            Straightedge = new LaidStraightedge(StandardPlacement.Angle.Vertex, shortArm.Direction),
        };
        Board.Step(
            "extend",
            "Extend",
            $"{which} {Numbers.Millimetres(missing)} short. Extend with the {Phrasing.Words.Straightedge}, exactly along itself; the angle stays the same.",
            Question.YesOrNo(
                $"The graduations are out of reach. Does a longer {Phrasing.Words.Arm} change the angle?",
                yes: false
            )
        );
        Board.Sheet = Board.Sheet with { Straightedge = null };
    }

    /// <summary>Chooses the scale by the rule of the class.</summary>
    internal void ChooseScale()
    {
        string[] choices =
        [
            .. Enumerable
                .Range(0, Protractor.Scales.Count)
                .Select(i => Phrasing.ScaleName(Protractor, i)),
        ];
        Question? question =
            choices.Length > 1
                ? new Question("Which numbers shall we follow?", choices, StandardPlacement.Scale)
                : null;
        if (StandardPlacement.CountsBack)
        {
            CountBack();
            return;
        }
        Board.Warn(RuleSentences.Warning(Board.Rules.Scale, StandardPlacement, Phrasing));
        string caption = RuleSentences.Choose(Board.Rules.Scale, StandardPlacement, Phrasing);
        if (
            Board.Rules.Confirming is ScaleRule second
            && second != Board.Rules.Scale
            && RuleSentences.Serves(second, StandardPlacement)
        )
        {
            caption +=
                $" And it agrees: {RuleSentences.Confirm(second, StandardPlacement, Phrasing)}";
        }
        Ink(StandardPlacement.Scale);
        Spotlight(WhichArm.Start);
        Board.Step("scale", "Which scale", caption, question);
    }

    private void CountBack()
    {
        string measure = Phrasing.Degrees(StandardPlacement.Angle.Measure.Degrees);
        string whole = Phrasing.Degrees(Protractor.FullScale);
        string why =
            Protractor.Shape == ProtractorShape.HalfCircle
                ? $"its zero is at the other end: {Names.StartRay} lies on {whole}"
                : $"it counts the other way round: back at zero it has come to {whole}";
        Ink(StandardPlacement.Scale);
        Spotlight(WhichArm.Start);
        Board.Step(
            "scale",
            "Which way",
            $"There is one scale only, and {why}. So {measure} from there is {whole} − {measure} = {Phrasing.Degrees(StandardPlacement.Rounded)} on the scale.",
            Question.Open($"The only scale counts the other way. Where on it is {measure}?")
        );
    }

    // In a drawing the other arm is not there yet: one counts to the number.
    private string Target =>
        Board.Sheet.Figures.Any(f => f.Id == FigureId && !f.HasEnd)
            ? Phrasing.Degrees(StandardPlacement.Rounded)
            : Names.EndRay;

    /// <summary>Counts along the scale to the other arm.</summary>
    internal void Count()
    {
        bool creased = Protractor.SmallestGraduation > 10;
        Board.Sheet = Board.Sheet with
        {
            Threads =
            [
                .. Board.Sheet.Threads.Where(t => t.Id != FigureId),
                new CountedThread(
                    FigureId,
                    CountingThread.Along(
                        Protractor,
                        StandardPlacement.Placement,
                        StandardPlacement.Scale,
                        StandardPlacement.Reading
                    )
                ),
            ],
            Lens = StandardPlacement.Laid.EndCrossing?.At,
        };
        Spotlight(WhichArm.End);
        Board.Step(
            "count",
            "Count",
            $"Start at zero and follow {Phrasing.Counted(Protractor, StandardPlacement.Scale)}: {Counting.Said(StandardPlacement, Phrasing)}.",
            Question.Open(
                creased ? $"Count the creases. How many lie before {Target}?"
                : Protractor.Marks == GraduationMarks.Raised
                    ? $"Count by touch. How many tens lie before {Target}?"
                : $"Count along. What is the last label before {Target}?"
            )
        );
        Board.Sheet = Board.Sheet with { Lens = null };
    }

    /// <summary>Writes the measure beside the arc.</summary>
    internal void Write(string name, double result)
    {
        Board.Change(FigureId, f => f with { Written = Phrasing.Degrees(result) });
        Board.Step(
            "write",
            "Write",
            $"Write it beside the arc: {name} = {Phrasing.Degrees(result)}."
                + (Phrasing.Style == DegreeStyle.Sign ? " The degree sign belongs to it." : "")
        );
    }

    /// <summary>Lifts the instrument and asks whether the number is reasonable.</summary>
    internal void Check(Angle given, double result)
    {
        Board.Lift(FigureId);
        Spotlight(null);
        AngleKind kind = given.Measure.Kind;
        string estimated = Board.Rules.EstimateFirst
            ? $" Our estimate was about {Phrasing.Degrees(Estimate.Of(given.Measure).Number)}: near enough."
            : "";
        Board.Step(
            "check",
            "Check",
            $"{Phrasing.Degrees(result)} is {Numbers.Compared(new Measure(result).Kind)}: {Numbers.WithArticle(kind)}, as we said.{estimated} Measuring again from {Names.EndRay} must give the same.",
            Question.YesOrNo(
                $"We said {Numbers.Adjective(kind)}. Can {Phrasing.Degrees(result)} be right?",
                yes: true
            )
        );
    }

    /// <summary>Lays the instrument in its place without a step of its own, arms extended where they must be.</summary>
    internal void LayAtOnce()
    {
        (double? start, double? end) = Extensions();
        Board.Change(FigureId, f => Extended(f, start, end));
        Lay(StandardPlacement.Placement);
    }

    private void Centre(string caption) =>
        Board.Step(
            "centre",
            Capital(Phrasing.Words.CentreMark.Split(' ')[0]),
            caption,
            Question.Open($"Where does the {Phrasing.Words.CentreMark} go?")
        );

    private void ZeroLine(string caption)
    {
        Spotlight(WhichArm.Start);
        Board.Step("zero-line", Capital(Phrasing.Words.ZeroLine), caption);
    }

    private void Lay(Placement placement, bool waiting = false) =>
        Board.Lay(new LaidInstrument(FigureId, Protractor.Id, placement) { Waiting = waiting });

    private void Ink(int scale) =>
        Board.Lay(
            new LaidInstrument(FigureId, Protractor.Id, StandardPlacement.Placement)
            {
                InkedScale = scale,
            }
        );

    private Placement Aside() =>
        StandardPlacement.Placement with
        {
            Turn = StandardPlacement.Placement.Turn.Turned(LooseTurn),
            Centre = StandardPlacement.Angle.Vertex.Towards(
                StandardPlacement.Angle.Bisector,
                Protractor.EdgeRadius * AsideBy
            ),
        };

    private void Spotlight(WhichArm? arm) =>
        Board.Change(
            FigureId,
            f => f with { Spotlight = arm is WhichArm which ? InFigure(f, which) : null }
        );

    private Figure Extended(Figure figure, double? start, double? end)
    {
        WhichArm? first = InFigure(figure, WhichArm.Start);
        WhichArm? second = InFigure(figure, WhichArm.End);
        return figure with
        {
            StartExtendedTo =
                first == WhichArm.Start ? start
                : second == WhichArm.Start ? end
                : null,
            EndExtendedTo =
                first == WhichArm.End ? start
                : second == WhichArm.End ? end
                : null,
        };
    }

    // The laying may be told from the other arm, for the smaller of the two openings, or from an arm extended backwards; the
    // figure keeps its own arms.
    private WhichArm? InFigure(Figure figure, WhichArm which)
    {
        Direction meant = StandardPlacement.Angle[which].Direction;
        return Same(meant, figure.Angle.Start) ? WhichArm.Start
            : Same(meant, figure.Angle.End) ? WhichArm.End
            : null;
    }

    private static bool Same(Direction one, Direction other) =>
        Math.Abs(one.ShorterTurnTo(other)) < 1e-6;

    private (double? Start, double? End) Extensions() =>
        (
            ExtendedTo(StandardPlacement.Laid.StartCrossing),
            ExtendedTo(StandardPlacement.Laid.EndCrossing)
        );

    private static double? ExtendedTo(Crossing? crossing) =>
        crossing is { Reaches: false } at ? at.DistanceFromVertex + BeyondRim : null;

    internal static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
