using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>The steps of drawing that several demonstrations share.</summary>
/// <param name="Board">Where the steps are collected.</param>
/// <param name="FigureId">The figure that is drawn.</param>
/// <param name="StandardPlacement">How the instrument lies; its angle is the one that is drawn with it.</param>
internal sealed record DrawingSteps(
    Storyboard Board,
    string FigureId,
    StandardPlacement StandardPlacement
)
{
    // A dot stands just outside the rim, a second one by the inner edge of the cut-out.
    private const double OutsideRim = 1.5;
    private const double SecondDotShare = 0.47;
    private const double BeyondRim = 13;

    private static readonly AngleKind[] Pictured =
    [
        AngleKind.Acute,
        AngleKind.Right,
        AngleKind.Obtuse,
        AngleKind.Straight,
        AngleKind.Reflex,
    ];

    private AngleNames Names => StandardPlacement.Names;

    private Point Vertex => StandardPlacement.Angle.Vertex;

    private Direction Outward => StandardPlacement.Angle.End;

    private double Radius => StandardPlacement.Protractor.EdgeRadius;

    /// <summary>How long the drawn arms are: past the graduations, in mm.</summary>
    internal double ArmLength => Radius + BeyondRim;

    /// <summary>Draws the base ray, or shows that it is given.</summary>
    internal void BaseRay(bool given)
    {
        if (given)
        {
            Board.Step(
                "base-ray",
                Text.Demonstrations.Labels.BaseRay,
                Text.Demonstrations.Draw.BaseRayGiven(Names.StartRay, Names.Vertex)
            );
            return;
        }
        Board.Sheet = Board.Sheet with
        {
            Straightedge = new LaidStraightedge(Vertex, StandardPlacement.Angle.Start),
        };
        Board.Step(
            "base-ray",
            Text.Demonstrations.Labels.BaseRay,
            Text.Demonstrations.Draw.BaseRay(
                StandardPlacement.Angle.Start.SinCos().Cos >= 0 ? Side.Left : Side.Right
            ),
            Question.Open(Text.Demonstrations.Draw.BaseRayQuestion)
        );
        Board.Sheet = Board.Sheet with { Straightedge = null };
    }

    /// <summary>Says the kind and pictures it against a right angle.</summary>
    internal void Picture(Angle asked)
    {
        AngleKind kind = asked.Measure.Kind;
        Board.Rule(
            new DrawnLine(
                "picture",
                Vertex,
                Vertex.Towards(
                    asked.Start.Turned(asked.Opening.Sign() * 90),
                    Math.Min(60, ArmLength)
                ),
                Ink.Extension
            )
        );
        Board.Step(
            "picture",
            Text.Demonstrations.Labels.Picture,
            Text.Demonstrations.Draw.Picture(asked.Measure.Degrees, kind),
            new Question(
                Text.Demonstrations.Draw.PictureQuestion(asked.Measure.Degrees),
                [.. Pictured.Select(k => Text.Angles.Adjective(k))],
                Math.Max(0, Array.IndexOf(Pictured, kind))
            )
        );
        Board.Sheet = Board.Sheet with
        {
            Lines = [.. Board.Sheet.Lines.Where(l => l.Id != "picture")],
        };
    }

    /// <summary>Makes a dot at the measure, or two on the same line.</summary>
    internal void Dot()
    {
        Board.Dot(new DrawnDot("dot", Vertex.Towards(Outward, Radius + OutsideRim)));
        double number = StandardPlacement.Rounded;
        if (Board.Rules.Dots == Dots.Two)
        {
            Board.Dot(new DrawnDot("dot-2", Vertex.Towards(Outward, Radius * SecondDotShare)));
            Board.Step(
                "dot",
                Text.Demonstrations.Labels.TwoDots,
                Text.Demonstrations.Draw.TwoDots(number)
            );
            return;
        }
        Board.Step("dot", Text.Demonstrations.Labels.Dot, Text.Demonstrations.Draw.Dot(number));
    }

    /// <summary>Lifts the instrument and rules the second ray through the dot.</summary>
    internal void SecondRay()
    {
        Board.Lift(FigureId);
        Board.Sheet = Board.Sheet with { Straightedge = new LaidStraightedge(Vertex, Outward) };
        Board.Change(FigureId, f => f with { Spotlight = null });
        Board.Step(
            "straightedge",
            Text.Demonstrations.Labels.Straightedge,
            Text.Demonstrations.Draw.Straightedge(Names.Vertex),
            Question.Open(Text.Demonstrations.Draw.StraightedgeQuestion)
        );
        Board.Change(FigureId, f => f with { HasEnd = true });
        Board.Step(
            "second-ray",
            Text.Demonstrations.Labels.SecondRay,
            Text.Demonstrations.Draw.SecondRay(Names.EndRay)
        );
        Board.Sheet = Board.Sheet with { Straightedge = null };
    }

    /// <summary>Labels the drawing as fully as the class does.</summary>
    internal void Label(Angle asked, AngleNames names)
    {
        double measure = asked.Measure.Degrees;
        AngleKind kind = asked.Measure.Kind;
        Board.Change(
            FigureId,
            f =>
                f with
                {
                    Angle = asked with { StartLength = ArmLength, EndLength = ArmLength },
                    Mark = OpeningMarks.Of(asked),
                    Written =
                        Board.Rules.Labelling == Labelling.Arc ? null : Text.Units.Degrees(measure),
                }
        );
        Board.Step(
            "label",
            Text.Demonstrations.Labels.Label,
            Board.Rules.Labelling switch
            {
                Labelling.Arc => Text.Demonstrations.Draw.LabelMark(kind),
                Labelling.Measure => Text.Demonstrations.Draw.LabelMeasure(kind, measure),
                _ => Text.Demonstrations.Draw.LabelFull(
                    kind,
                    names.Full,
                    measure,
                    names.Vertex,
                    names.StartRay,
                    names.EndRay
                ),
            }
        );
    }

    /// <summary>Lays the instrument on again and checks.</summary>
    internal void Remeasure(Angle asked)
    {
        Board.Lay(
            new LaidInstrument(
                FigureId,
                StandardPlacement.Protractor.Id,
                StandardPlacement.Placement
            )
            {
                InkedScale = StandardPlacement.Scale,
            }
        );
        Board.Step(
            "re-measure",
            Text.Demonstrations.Labels.MeasureAgain,
            Again(asked.Measure),
            Question.Open(Text.Demonstrations.Draw.AgainQuestion)
        );
    }

    // Of a reflex angle a half circle shows a part: the smaller angle, or what lies beyond the straight line.
    private Message Again(Measure asked)
    {
        Message again = Text.Demonstrations.Draw.Again(asked.Degrees, asked.Kind);
        if (
            asked.Degrees <= 180
            || StandardPlacement.Protractor.Shape != ProtractorShape.HalfCircle
        )
        {
            return again;
        }
        double part = StandardPlacement.Whole;
        return StandardPlacement.Angle.Measure.Degrees + asked.Degrees == 360
            ? Text.Demonstrations.Draw.AgainSmaller(again, part, asked.Degrees, 360)
            : Text.Demonstrations.Draw.AgainBeyond(again, part, 180, asked.Degrees);
    }
}
