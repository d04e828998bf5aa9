using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;

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

    private Phrasing Phrasing => Board.Phrasing;

    private AngleNames Names => StandardPlacement.Names;

    private Point Vertex => StandardPlacement.Angle.Vertex;

    private Direction Outward => StandardPlacement.Angle.End;

    private double Radius => StandardPlacement.Protractor.EdgeRadius;

    /// <summary>How long the drawn arms are: past the graduations, in mm.</summary>
    internal double ArmLength => Radius + BeyondRim;

    /// <summary>Draws the base ray, or shows that it is given.</summary>
    internal void BaseRay(bool given)
    {
        string side = StandardPlacement.Angle.Start.SinCos().Cos >= 0 ? "left" : "right";
        string opens = StandardPlacement.Angle.Start.SinCos().Cos >= 0 ? "right" : "left";
        if (given)
        {
            Board.Step(
                "base-ray",
                "Base ray",
                $"The base ray {Names.StartRay} is given. Its endpoint {Names.Vertex} is the vertex."
            );
            return;
        }
        Board.Sheet = Board.Sheet with
        {
            Straightedge = new LaidStraightedge(Vertex, StandardPlacement.Angle.Start),
        };
        Board.Step(
            "base-ray",
            "Base ray",
            $"With the {Phrasing.Words.Straightedge} draw the base ray, long enough to pass the graduations. Its endpoint, at the {side}, is the vertex: it will open to the {opens}.",
            Question.Open("Where must the vertex be, so that there is room to open?")
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
            "Picture it",
            $"{Phrasing.Degrees(asked.Measure.Degrees)} is {Numbers.WithArticle(kind)}: {Numbers.Compared(kind)}. Picture it against the dotted right angle before you draw.",
            new Question(
                $"We draw {Phrasing.Degrees(asked.Measure.Degrees)}. Which kind will it be?",
                ["acute", "right", "obtuse", "straight", "reflex"],
                Math.Max(
                    0,
                    Array.IndexOf(
                        ["acute", "right", "obtuse", "straight", "reflex"],
                        Numbers.Adjective(kind)
                    )
                )
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
        string number = Phrasing.Degrees(StandardPlacement.Rounded);
        if (Board.Rules.Dots == Dots.Two)
        {
            Board.Dot(new DrawnDot("dot-2", Vertex.Towards(Outward, Radius * SecondDotShare)));
            Board.Step(
                "dot",
                "Two dots",
                $"Two small sharp dots on the same line at {number}: one at the rim, one at the inner edge. The {Phrasing.Words.Straightedge} has two to go by."
            );
            return;
        }
        Board.Step("dot", "Dot", $"A small sharp dot at {number}, close to the rim.");
    }

    /// <summary>Lifts the instrument and rules the second ray through the dot.</summary>
    internal void SecondRay()
    {
        Board.Lift(FigureId);
        Board.Sheet = Board.Sheet with { Straightedge = new LaidStraightedge(Vertex, Outward) };
        Board.Change(FigureId, f => f with { Spotlight = null });
        Board.Step(
            "straightedge",
            "Straightedge",
            $"Lift the protractor. Lay the {Phrasing.Words.Straightedge} from {Names.Vertex} to the dot, a hair beside it, so that the line itself runs through.",
            Question.Open($"Where do we lay the {Phrasing.Words.Straightedge}?")
        );
        Board.Change(FigureId, f => f with { HasEnd = true });
        Board.Step(
            "second-ray",
            "Second ray",
            $"Draw from the vertex through the dot and beyond: ray {Names.EndRay}."
        );
        Board.Sheet = Board.Sheet with { Straightedge = null };
    }

    /// <summary>Labels the drawing as fully as the class does.</summary>
    internal void Label(Angle asked, AngleNames names)
    {
        string measure = Phrasing.Degrees(asked.Measure.Degrees);
        string mark = asked.Measure.Kind == AngleKind.Right ? "box" : "arc";
        Board.Change(
            FigureId,
            f =>
                f with
                {
                    Angle = asked with { StartLength = ArmLength, EndLength = ArmLength },
                    Mark = OpeningMarks.Of(asked),
                    Written = Board.Rules.Labelling == Labelling.Arc ? null : measure,
                }
        );
        string arm = Phrasing.Words.Arm;
        Board.Step(
            "label",
            "Label",
            Board.Rules.Labelling switch
            {
                Labelling.Arc => $"Mark the {mark}.",
                Labelling.Measure => $"Mark the {mark} and write {measure} beside it.",
                _ =>
                    $"Mark the {mark}, write {names.Full} = {measure}, {Numbers.Adjective(asked.Measure.Kind)}; vertex {names.Vertex}, {arm}s {names.StartRay} and {names.EndRay}.",
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
            "Re-measure",
            $"Lay the protractor on again: {Phrasing.Degrees(asked.Measure.Degrees)}, {Numbers.Adjective(asked.Measure.Kind)}, as asked.{Parts(asked.Measure.Degrees)}",
            Question.Open("How do we know that the drawing is right?")
        );
    }

    // Of a reflex angle a half circle shows a part: the smaller angle, or what lies beyond the straight line.
    private string Parts(double asked)
    {
        if (asked <= 180 || StandardPlacement.Protractor.Shape != ProtractorShape.HalfCircle)
        {
            return "";
        }
        double part = StandardPlacement.Whole;
        return StandardPlacement.Angle.Measure.Degrees + asked == 360
            ? $" The smaller angle is {Phrasing.Degrees(part)}, and {Phrasing.Degrees(part)} + {Phrasing.Degrees(asked)} = {Phrasing.Degrees(360)}."
            : $" Beyond the straight line there are {Phrasing.Degrees(part)}, and {Phrasing.Degrees(180)} + {Phrasing.Degrees(part)} = {Phrasing.Degrees(asked)}.";
    }
}
