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

    private AngleNames Names => StandardPlacement.Names;

    private Protractor Protractor => StandardPlacement.Protractor;

    /// <summary>Says the kind of the figure and writes it beside the arc.</summary>
    internal void Kind(Angle given) => KindStep.Add(Board, FigureId, given);

    /// <summary>Estimates against a benchmark; the estimate is kept for the check.</summary>
    internal void MakeEstimate(Angle given)
    {
        Estimate estimate = Estimate.Of(given.Measure);
        Board.Change(FigureId, f => f with { Written = Text.Units.About(estimate.Number) });
        Board.Step(
            "estimate",
            Text.Demonstrations.Labels.Estimate,
            estimate.Caption,
            Question.Open(Text.Demonstrations.Estimate.Question)
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
        Message caption = (pageTurned, level, upsideDown) switch
        {
            (true, _, _) => Text.Demonstrations.Turn.Page(Names.StartRay),
            (_, _, true) => Text.Demonstrations.Turn.UpsideDown(Names.StartRay),
            (_, true, _) => Text.Demonstrations.Turn.Level(Names.StartRay),
            _ => Text.Demonstrations.Turn.Protractor(Names.StartRay),
        };
        Lay(Aside(), waiting: true);
        Spotlight(WhichArm.Start);
        Board.Step("turn", Text.Demonstrations.Labels.Turn, caption);
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
            ZeroLine(Text.Demonstrations.Place.ZeroLineAnywhere(Names.StartRay));
            Lay(StandardPlacement.Placement);
            Centre(Text.Demonstrations.Place.SlideToVertex(Names.StartRay, Names.Vertex));
            return;
        }
        Lay(
            StandardPlacement.Placement with
            {
                Turn = StandardPlacement.Placement.Turn.Turned(LooseTurn),
            }
        );
        Centre(Text.Demonstrations.Place.Centre(Names.Vertex));
        Lay(StandardPlacement.Placement);
        ZeroLine(Text.Demonstrations.Place.TurnAboutVertex(Names.Vertex, Names.StartRay));
    }

    /// <summary>Extends arms that do not reach the graduations; nothing when both do.</summary>
    internal void Extend()
    {
        (double? start, double? end) = Extensions();
        if (start is null && end is null)
        {
            return;
        }
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
            Text.Demonstrations.Labels.Extend,
            start is not null && end is not null
                ? Text.Demonstrations.Extend.Both(missing)
                : Text.Demonstrations.Extend.One(
                    end is not null ? Names.EndRay : Names.StartRay,
                    missing
                ),
            Question.YesOrNo(Text.Demonstrations.Extend.Question, yes: false)
        );
        Board.Sheet = Board.Sheet with { Straightedge = null };
    }

    /// <summary>Chooses the scale by the rule of the class.</summary>
    internal void ChooseScale()
    {
        Message[] choices =
        [
            .. Enumerable
                .Range(0, Protractor.Scales.Count)
                .Select(i => InstrumentWords.ScaleName(Protractor, i))
                .OfType<Message>(),
        ];
        Question? question =
            choices.Length > 1
                ? new Question(Text.Demonstrations.Scale.Question, choices, StandardPlacement.Scale)
                : null;
        if (StandardPlacement.CountsBack)
        {
            CountBack();
            return;
        }
        Board.Warn(RuleSentences.Warning(Board.Rules.Scale, StandardPlacement));
        Message caption = RuleSentences.Choose(Board.Rules.Scale, StandardPlacement);
        if (
            Board.Rules.Confirming is ScaleRule second
            && second != Board.Rules.Scale
            && RuleSentences.Serves(second, StandardPlacement)
        )
        {
            caption = Text.Demonstrations.Scale.Agrees(
                caption,
                RuleSentences.Confirm(second, StandardPlacement)
            );
        }
        Ink(StandardPlacement.Scale);
        Spotlight(WhichArm.Start);
        Board.Step("scale", Text.Demonstrations.Labels.WhichScale, caption, question);
    }

    private void CountBack()
    {
        double measure = StandardPlacement.Angle.Measure.Degrees;
        double whole = Protractor.FullScale;
        Ink(StandardPlacement.Scale);
        Spotlight(WhichArm.Start);
        Board.Step(
            "scale",
            Text.Demonstrations.Labels.WhichWay,
            Protractor.Shape == ProtractorShape.HalfCircle
                ? Text.Demonstrations.Scale.CountsBackFromEnd(
                    Names.StartRay,
                    whole,
                    measure,
                    StandardPlacement.Rounded
                )
                : Text.Demonstrations.Scale.CountsBackRound(
                    whole,
                    measure,
                    StandardPlacement.Rounded
                ),
            Question.Open(Text.Demonstrations.Scale.CountsBackQuestion(measure))
        );
    }

    // In a drawing the other arm is not there yet: one counts to the number.
    private Message Target =>
        Board.Sheet.Figures.Any(f => f.Id == FigureId && !f.HasEnd)
            ? Text.Units.Degrees(StandardPlacement.Rounded)
            : Text.Units.AsWritten(Names.EndRay);

    /// <summary>Counts along the scale to the other arm.</summary>
    internal void Count()
    {
        bool creased = Protractor.SmallestGraduation > 10;
        Thread(0, StandardPlacement.Reading);
        OpenLens();
        Spotlight(WhichArm.End);
        Board.Step(
            "count",
            Text.Demonstrations.Labels.Count,
            Text.Demonstrations.Count.Along(
                InstrumentWords.CountedAlong(Protractor, StandardPlacement.Scale),
                Counting.Said(StandardPlacement)
            ),
            Question.Open(
                creased ? Text.Demonstrations.Count.QuestionCreases(Target)
                : Protractor.Marks == GraduationMarks.Raised
                    ? Text.Demonstrations.Count.QuestionTouch(Target)
                : Text.Demonstrations.Count.Question(Target)
            )
        );
        Board.Sheet = Board.Sheet with { Lens = null };
    }

    /// <summary>Writes the measure beside the arc.</summary>
    internal void Write(string name, double result)
    {
        Board.Change(FigureId, f => f with { Written = Text.Units.Degrees(result) });
        Board.Step(
            "write",
            Text.Demonstrations.Labels.Write,
            Board.Rules.Degrees == DegreeStyle.Sign
                ? Text.Demonstrations.Write.WithDegreeSign(name, result)
                : Text.Demonstrations.Write.BesideArc(name, result)
        );
    }

    /// <summary>Lifts the instrument and asks whether the number is reasonable.</summary>
    internal void Check(Angle given, double result)
    {
        Board.Lift(FigureId);
        Spotlight(null);
        AngleKind kind = given.Measure.Kind;
        Message reasonable = Text.Demonstrations.Check.Reasonable(
            result,
            new Measure(result).Kind,
            Names.EndRay
        );
        Board.Step(
            "check",
            Text.Demonstrations.Labels.Check,
            Board.Rules.EstimateFirst
                ? Text.Demonstrations.Check.WithEstimate(
                    reasonable,
                    Estimate.Of(given.Measure).Number
                )
                : reasonable,
            Question.YesOrNo(Text.Demonstrations.Check.Question(kind, result), yes: true)
        );
    }

    /// <summary>Lays the instrument in its place without a step of its own, arms extended where they must be.</summary>
    internal void LayAtOnce()
    {
        (double? start, double? end) = Extensions();
        Board.Change(FigureId, f => Extended(f, start, end));
        Lay(StandardPlacement.Placement);
    }

    /// <summary>The same, with the scale in use inked: ready to be read.</summary>
    internal void LayReady()
    {
        LayAtOnce();
        Ink(StandardPlacement.Scale);
    }

    /// <summary>Opens the lens over the crossing of the other arm.</summary>
    internal void OpenLens() =>
        Board.Sheet = Board.Sheet with { Lens = StandardPlacement.Laid.EndCrossing?.At };

    /// <summary>Runs the thread from a label to a reading, in place of the one that lies there.</summary>
    internal void Thread(double label, double reading) =>
        Board.Sheet = Board.Sheet with
        {
            Threads =
            [
                .. Board.Sheet.Threads.Where(t => t.Id != FigureId),
                new CountedThread(
                    FigureId,
                    CountingThread.Between(
                        Protractor,
                        StandardPlacement.Placement,
                        StandardPlacement.Scale,
                        label,
                        reading
                    )
                ),
            ],
        };

    private void Centre(Message caption) =>
        Board.Step(
            "centre",
            Text.Demonstrations.Labels.Centre,
            caption,
            Question.Open(Text.Demonstrations.Place.WhereCentre)
        );

    private void ZeroLine(Message caption)
    {
        Spotlight(WhichArm.Start);
        Board.Step("zero-line", Text.Demonstrations.Labels.ZeroLine, caption);
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
}
