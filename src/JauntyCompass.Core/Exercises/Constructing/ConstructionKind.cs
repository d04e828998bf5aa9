using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Constructing;

/// <summary>A kind of construction: its stages, the ray that comes out, and the check with the protractor.</summary>
/// <typeparam name="TItem">Type of its items.</typeparam>
/// <typeparam name="TResponse">Type of its responses.</typeparam>
/// <param name="facts">What a list knows of it.</param>
public abstract class ConstructionKind<TItem, TResponse>(KindFacts facts)
    : ExerciseKind<TItem, TResponse>(facts)
    where TItem : ConstructionItem
    where TResponse : ConstructionResponse
{
    /// <summary>The mistakes that constructions and their check can show.</summary>
    protected static IReadOnlyList<Mistake> All { get; } =
    [.. MistakeCatalogue.OfConstruction, .. MistakeCatalogue.Reading];

    // The construction, then the check.
    private static IReadOnlyList<Ask> Asks { get; } =
    [
        new Ask("strokes", AskType.Construction, Text.Kinds.Asks.Construction),
        CommonAsks.Reading("reading", "readingPlacement", Text.Kinds.Construction.AskReading) with
        {
            Afterwards = true,
        },
    ];

    /// <inheritdoc/>
    protected sealed override ItemView Present(TItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            new SheetState { Figures = item.Figure is Figure figure ? [figure] : [] },
            ItemView.WindowFor(item.Instrument),
            Asks
        )
        {
            InHand = item.Instrument,
            Drawing = item.OnRay,
        };

    /// <inheritdoc/>
    protected sealed override TResponse Attempt(TItem item, Attempt attempt)
    {
        ConstructionWork work = ConstructionWork.Of(attempt, item.Aim);
        (double reading, Placement placement) = attempt.Measure(work.Own, item.Instrument);
        return Respond(work.Strokes, work.Arcs, reading, placement);
    }

    /// <summary>A response of this kind.</summary>
    protected abstract TResponse Respond(
        IReadOnlyList<Stroke> strokes,
        IReadOnlyList<CompassStroke> arcs,
        double reading,
        Placement placement
    );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(TItem item, TResponse? response)
    {
        ConstructionAim aim = item.Aim;
        ConstructionReading? reading = response?.Read(aim);
        return
        [
            .. ConstructionStages.Of(aim, reading),
            new ConstructedStep(aim, reading) { Weight = 2 },
            new ReadingStep(
                "reading",
                Text.Kinds.Steps.Checked,
                MarkingContext.Measuring(
                    Own(aim, reading),
                    item.Instrument,
                    response?.ReadingPlacement
                ),
                reading?.Turn is null ? null : response?.Reading,
                WithInstrument
            ),
        ];
    }

    // What is measured is what came out.
    private static Angle Own(ConstructionAim aim, ConstructionReading? reading)
    {
        double start =
            aim.Task == ConstructionTask.Bisect ? aim.Given!.StartLength : aim.Rays[^1].Length;
        return reading?.Ray is StrokeLine ray
            ? aim.AngleTo(
                ray.Direction,
                start,
                Math.Clamp(ray.Far.DistanceTo(aim.Vertex), Angle.ShortestArm, Angle.LongestArm)
            )
            : aim.AngleTo(aim.Wanted, start, Angle.LongestArm);
    }
}
