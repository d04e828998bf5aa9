using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Presentation;

/// <summary>
/// An angle as it can be seen on paper: where its lines run, to a hundredth of a millimetre. How many degrees it has is for the
/// student to find out, and stands nowhere in it.
/// </summary>
/// <param name="Id">Unique on the sheet.</param>
/// <param name="Vertex">The vertex, in mm.</param>
/// <param name="StartTip">Where the start arm ends, in mm.</param>
/// <param name="EndTip">Where the end arm ends, in mm.</param>
/// <param name="Opening">Which way round it opens from the start arm to the end arm.</param>
/// <param name="WholeTurn">Whether it goes once round: then the arms lie on each other, as those of a zero angle do.</param>
public sealed record SeenFigure(
    string Id,
    Point Vertex,
    Point StartTip,
    Point EndTip,
    TurnDirection Opening,
    bool WholeTurn
)
{
    /// <summary>Letters at its points, or null.</summary>
    public AngleNames? Names { get; init; }

    /// <summary>How its opening is marked.</summary>
    public OpeningMark Mark { get; init; } = OpeningMark.Arc;

    /// <summary>What is written beside the mark, or null.</summary>
    public Message? Written { get; init; }

    /// <summary>Length to which the start arm is extended, in mm, or null when it is not.</summary>
    public double? StartExtendedTo { get; init; }

    /// <summary>Length to which the end arm is extended, in mm, or null when it is not.</summary>
    public double? EndExtendedTo { get; init; }

    /// <summary>Whether the end arm is drawn.</summary>
    public bool HasEnd { get; init; } = true;

    /// <summary>Whether its arms are its own; else lines of the sheet stand for them.</summary>
    public bool HasArms { get; init; } = true;

    /// <summary>The arm that a step is about, or null.</summary>
    public WhichArm? Spotlight { get; init; }

    /// <summary>Whether the vertex is what a step is about.</summary>
    public bool VertexSpotlight { get; init; }

    /// <summary>A figure as it is seen.</summary>
    public static SeenFigure Of(Figure figure) =>
        new(
            figure.Id,
            figure.Angle.Vertex.Rounded(),
            figure.Angle.StartArm.Tip.Rounded(),
            figure.Angle.EndArm.Tip.Rounded(),
            figure.Angle.Opening,
            figure.Angle.Measure.Kind == AngleKind.FullTurn
        )
        {
            Names = figure.Names,
            Mark = figure.Mark,
            Written = figure.Written,
            StartExtendedTo = figure.StartExtendedTo,
            EndExtendedTo = figure.EndExtendedTo,
            HasEnd = figure.HasEnd,
            HasArms = figure.HasArms,
            Spotlight = figure.Spotlight,
            VertexSpotlight = figure.VertexSpotlight,
        };
}

/// <summary>An item as it goes to a student's device: all that its sheet must draw, and nothing of the answer.</summary>
/// <param name="View">The item; on its sheet stands everything but the angles.</param>
/// <param name="Figures">The angles as they are seen.</param>
/// <param name="Told">The sheet in words, for those who listen.</param>
public sealed record SeenItem(ItemView View, IReadOnlyList<SeenFigure> Figures, ToldSheet Told)
{
    /// <summary>An item as it is seen and told, the way a class does things.</summary>
    public static SeenItem Of(Item item, HouseRules rules)
    {
        ExerciseKind kind = ExerciseKinds.Of(item);
        ItemView view = kind.Present(item, rules);
        return new SeenItem(
            view with
            {
                Sheet = view.Sheet with { Figures = [] },
            },
            [.. view.Sheet.Figures.Select(SeenFigure.Of)],
            kind.Tell(item, view)
        );
    }
}

/// <summary>A demonstration as it goes to a student's device: its angles are told by their lines, as those of an item are.</summary>
/// <param name="Script">The demonstration; on its sheets stands everything but the angles.</param>
/// <param name="Figures">The angles as they are seen, step by step.</param>
public sealed record SeenScript(Script Script, IReadOnlyList<IReadOnlyList<SeenFigure>> Figures)
{
    /// <summary>A demonstration as it is seen.</summary>
    public static SeenScript Of(Script script) =>
        new(
            script with
            {
                Steps =
                [
                    .. script.Steps.Select(s => s with { State = s.State with { Figures = [] } }),
                ],
            },
            [
                .. script.Steps.Select(s =>
                    (IReadOnlyList<SeenFigure>)[.. s.State.Figures.Select(SeenFigure.Of)]
                ),
            ]
        );
}
