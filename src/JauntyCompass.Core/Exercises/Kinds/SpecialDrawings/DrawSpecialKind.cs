using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Drawn;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.SpecialDrawings;

/// <summary>Draw a straight, a right or a reflex angle, or a supplement; the arc says which opening is meant.</summary>
public sealed class DrawSpecialKind()
    : ExerciseKind<DrawSpecialItem, DrawSpecialResponse>(
        new KindFacts(
            "draw-special",
            Text.Kinds.Facts.DrawSpecial.Title,
            Text.Kinds.Facts.DrawSpecial.Summary,
            [
                .. MistakeCatalogue.Drawing.Where(m => !IsOfTheArc(m)),
                MistakeCatalogue.Get<ReflexArcInside>(),
                MistakeCatalogue.Get<ComplementForSupplement>(),
            ]
        )
        {
            Difficulty = 4,
            LeastMeasure = 5,
            OfAnyKind = true,
            Varieties = Enum.GetValues<SpecialDrawing>().Length,
        }
    )
{
    private const double ArcRadius = 14;
    private const double MostWithSupplement = 175;
    private static readonly IReadOnlyList<InstrumentMistake> OfTheRay =
    [
        .. MistakeCatalogue.Drawing.Where(m => !IsOfTheArc(m)),
    ];
    private static readonly IReadOnlyList<InstrumentMistake> OfASupplement =
    [
        .. OfTheRay,
        MistakeCatalogue.Get<ComplementForSupplement>(),
    ];

    // The arc has a step of its own.
    private static bool IsOfTheArc(Mistake mistake) => mistake is ArcInOtherOpening or ArcMissing;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        double chosen = plan.Angle.Measure.Degrees;
        // Near a straight angle neither what is left of a turn nor a supplement is anything to draw.
        SpecialDrawing wanted =
            chosen <= MostWithSupplement
                ? plan.InTurn(Wanted(plan.Kinds))
                : SpecialDrawing.Straight;
        AngleNames names = plan.Names;
        (double measure, Message task) = wanted switch
        {
            SpecialDrawing.Straight => (180, Text.Kinds.DrawSpecial.Straight(names.Full)),
            SpecialDrawing.Right => (90, Text.Kinds.DrawSpecial.Right(names.Full)),
            SpecialDrawing.Reflex => (
                360 - chosen,
                Text.Kinds.DrawSpecial.Reflex(names.Full, 360 - chosen)
            ),
            _ => (180 - chosen, Text.Kinds.DrawSpecial.Supplement(chosen, names.Full)),
        };
        return new DrawSpecialItem(
            Text.Kinds.Draw.FromRay(task, names.StartRay),
            plan.Instrument,
            wanted,
            new Measure(measure),
            new BaseRay(default, plan.Angle.Start, plan.Instrument.EdgeRadius + 8),
            plan.Angle.Opening,
            names
        );
    }

    // Those that come out as an angle of a kind that is wanted; a supplement may be of either.
    private static SpecialDrawing[] Wanted(IReadOnlyList<AngleKind>? kinds)
    {
        SpecialDrawing[] all = Enum.GetValues<SpecialDrawing>();
        SpecialDrawing[] wanted =
        [
            .. all.Where(drawing =>
                kinds is not { Count: > 0 }
                || drawing switch
                {
                    SpecialDrawing.Straight => kinds.Contains(AngleKind.Straight),
                    SpecialDrawing.Right => kinds.Contains(AngleKind.Right),
                    SpecialDrawing.Reflex => kinds.Contains(AngleKind.Reflex),
                    _ => kinds.Contains(AngleKind.Acute) || kinds.Contains(AngleKind.Obtuse),
                }
            ),
        ];
        return wanted.Length > 0 ? wanted : all;
    }

    /// <inheritdoc/>
    protected override ItemView Present(DrawSpecialItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            new SheetState(),
            ItemView.WindowFor(item.Instrument),
            [CommonAsks.Drawing]
        )
        {
            InHand = item.Instrument,
            Drawing = new DrawingTask(item.BaseRay, item.Opening, item.Names),
        };

    /// <inheritdoc/>
    protected override WorkedExample Work(DrawSpecialItem item, HouseRules rules)
    {
        string key = item.Wanted switch
        {
            SpecialDrawing.Straight => "draw-straight",
            SpecialDrawing.Right => "draw-right",
            SpecialDrawing.Reflex => item.Instrument.Shape == ProtractorShape.FullCircle
                ? "draw-reflex-full-circle"
                : "draw-reflex-from-360",
            _ => "draw",
        };
        return new WorkedExample(
            key,
            new DemonstrationTask(item.Asked, item.Instrument, item.Names, rules)
        );
    }

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        DrawSpecialItem item,
        DrawSpecialResponse? response
    )
    {
        Angle ray = OnTheInstrument(item);
        MarkingContext context = DrawnResponse.Drawing(ray, item.Instrument, response);
        DrawnFigure? figure = response is null ? null : DrawnFigure.Of(context, response.Marks());
        return
        [
            new DrawingStep(
                Text.Kinds.Steps.Drawing,
                context,
                figure,
                item.Wanted == SpecialDrawing.Supplement ? OfASupplement : OfTheRay
            )
            {
                Missing = figure?.Ray.IsUnknown == true ? DrawnResponse.CannotBeSeen : NoRay,
                OfReflex = item.Wanted == SpecialDrawing.Reflex,
                IsWorkedOut = item.Wanted is SpecialDrawing.Reflex or SpecialDrawing.Supplement,
            },
            // Of an arc that nobody could look for nothing is said, but where it decides.
            .. figure?.Arc.IsUnknown == true && item.Wanted != SpecialDrawing.Reflex
                ? Array.Empty<AnsweredStep>()
                : [ArcStep(item, figure)],
        ];
    }

    private static Judgement NoRay(MarkingRules rules) =>
        Judge.Unfinished(rules, Text.Marks.Drawing.NoSecondRay, Text.Marks.Drawing.DrawFromVertex);

    private static ChoiceStep ArcStep(DrawSpecialItem item, DrawnFigure? figure)
    {
        string? where = figure is { Arc.IsUnknown: false } seen ? WhereIs(item, seen) : null;
        bool reflex = item.Wanted == SpecialDrawing.Reflex;
        bool straight = item.Wanted == SpecialDrawing.Straight;
        return new ChoiceStep(
            "arc",
            Text.Kinds.Steps.Arc,
            [
                new Option("meant", Text.Kinds.DrawSpecial.ArcMeant, right: true),
                // The two openings of a straight angle are alike.
                new Option("other", Text.Kinds.DrawSpecial.ArcOther, right: straight)
                {
                    Causes = reflex ? [MistakeInContext.Of<ReflexArcInside>()] : [],
                },
                new Option("missing", Text.Kinds.DrawSpecial.ArcMissing),
            ],
            where,
            Text.Kinds.DrawSpecial.ArcRight,
            Text.Kinds.DrawSpecial.ArcLook
        )
        {
            // Only a reflex angle is another one without its arc.
            Decides = item.Wanted is SpecialDrawing.Reflex,
            Weight = 0.5,
        };
    }

    private static string WhereIs(DrawSpecialItem item, DrawnFigure figure)
    {
        if (figure.Arc.Value is not Point at)
        {
            return "missing";
        }
        // The openings are those of the angle as it was drawn, whichever way it opens. Of a reflex angle the other one may be as narrow
        // as a fingertip; of any other the meant one.
        double outside = figure.OutsideOpening(at) ?? 0;
        bool meant =
            item.Wanted == SpecialDrawing.Reflex
                ? outside > 0
                : outside <= ArcInOtherOpening.Beside;
        return meant ? "meant" : "other";
    }

    /// <inheritdoc/>
    protected override DrawSpecialResponse Attempt(DrawSpecialItem item, Attempt attempt)
    {
        Angle ray = OnTheInstrument(item);
        double measure = ray.Measure.Degrees;
        bool complement =
            item.Wanted == SpecialDrawing.Supplement
            && attempt.Shows<ComplementForSupplement>()
            && measure > 90;
        var drawn = DrawnWork.Of(
            attempt,
            ray,
            item.Instrument,
            complement ? measure - 90 : measure
        );
        bool outside = item.Wanted == SpecialDrawing.Reflex && !attempt.Shows<ReflexArcInside>();
        return new DrawSpecialResponse(
            [.. drawn.Smear, .. drawn.SecondRay(attempt)],
            drawn.Dots,
            drawn.Inside(outside ? -ArcRadius : ArcRadius),
            drawn.Placement
        )
        {
            Rested = drawn.Rested,
            NeverLaid = drawn.Placement is null,
        };
    }

    // What the instrument draws of a reflex angle is the smaller one between the same arms.
    private static Angle OnTheInstrument(DrawSpecialItem item) =>
        item.Wanted == SpecialDrawing.Reflex
            ? item.Asked with
            {
                Measure = new Measure(360 - item.Measure.Degrees),
                Opening = item.Opening.Reversed(),
            }
            : item.Asked;
}
