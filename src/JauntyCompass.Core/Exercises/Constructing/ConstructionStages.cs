using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Constructing;

/// <summary>The stages of a construction, each found on the sheet or not.</summary>
internal static class ConstructionStages
{
    // A needle this near to a point stood on it, or was meant to; in mm.
    private const double AtPoint = 3;

    internal static IEnumerable<ConstructionStageStep> Of(
        ConstructionAim aim,
        ConstructionReading? reading
    )
    {
        Stage[] stages = aim.Task switch
        {
            ConstructionTask.Copy =>
            [
                new(
                    "first-arc",
                    Text.Kinds.Construction.FirstArc,
                    Text.Kinds.Construction.DoFirstArc
                ),
                new("same-arc", Text.Kinds.Construction.SameArc, Text.Kinds.Construction.DoSameArc),
                new(
                    "distance",
                    Text.Kinds.Construction.Distance,
                    Text.Kinds.Construction.DoDistance
                ),
                Join,
            ],
            ConstructionTask.Bisect =>
            [
                new("across", Text.Kinds.Construction.Across, Text.Kinds.Construction.DoAcross),
                new(
                    "crossings",
                    Text.Kinds.Construction.Crossings,
                    Text.Kinds.Construction.DoCrossings
                ),
                Join,
            ],
            _ => [new("arcs", Text.Kinds.Construction.Arcs, Text.Kinds.Construction.DoArcs), Join],
        };
        ConstructionMistake? flaw = reading is null
            ? null
            : ConstructionFlaws.MistakeOf(reading.Flaw);
        string? flawed = flaw is null ? null : Flawed(reading!);
        return stages.Select(stage => new ConstructionStageStep(
            stage.Key,
            stage.Title,
            stage.What,
            reading is not null && IsFound(stage.Key, reading),
            reading,
            stage.Key == flawed ? flaw : null
        ));
    }

    private static Stage Join { get; } =
        new("join", Text.Kinds.Construction.Join, Text.Kinds.Construction.DoJoin);

    // Whoever comes to what was asked has done all of it, in whichever way.
    private static bool IsFound(string stage, ConstructionReading reading)
    {
        if (stage == "join")
        {
            return reading.Ray is not null;
        }
        if (reading.Flaw == ConstructionFlaw.None)
        {
            return true;
        }
        int about = reading.Arcs.Count(a => IsAt(a, reading.Aim.Vertex));
        int aboutGiven = reading.Aim.Given is Angle given
            ? reading.Arcs.Count(a => IsAt(a, given.Vertex))
            : 0;
        return stage switch
        {
            "first-arc" => aboutGiven > 0,
            "same-arc" => about > 0,
            "across" => about > 0,
            "crossings" => reading.Arcs.Count - about >= 2,
            "distance" => reading.Arcs.Count > about + aboutGiven,
            _ => reading.Arcs.Count >= 2,
        };
    }

    // The stage in which the flaw is to be seen.
    private static string Flawed(ConstructionReading reading)
    {
        if (reading.Flaw == ConstructionFlaw.WrongCrossing)
        {
            return "join";
        }
        bool first = reading.Flaw == ConstructionFlaw.NoArcs;
        return reading.Aim.Task switch
        {
            ConstructionTask.Bisect => first ? "across" : "crossings",
            ConstructionTask.Build => "arcs",
            _ when first => "first-arc",
            _ when reading.Arc is SeenArc arc
                    && (IsAt(arc, reading.Aim.Vertex) || IsAt(arc, reading.Aim.Given!.Vertex)) =>
                "same-arc",
            _ => "distance",
        };
    }

    private static bool IsAt(in SeenArc arc, Point point) =>
        arc.Centre.DistanceTo(point) <= AtPoint;

    private sealed record Stage(string Key, Message Title, Message What);
}
