using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Reflex;

/// <summary>Measure a reflex angle with a half circle, by taking from 360 or by adding to 180.</summary>
public sealed class ReflexKind()
    : ExerciseKind<ReflexItem, ReflexResponse>(
        new KindFacts(
            "reflex",
            Text.Kinds.Facts.Reflex.Title,
            Text.Kinds.Facts.Reflex.Summary,
            [.. MistakeCatalogue.Reading, .. MistakeCatalogue.OfReflex]
        )
        {
            Difficulty = 4,
            // The two ways of finding it.
            Varieties = 2,
            LeastMeasure = 181,
            MostMeasure = 359,
            Shape = ProtractorShape.HalfCircle,
        }
    )
{
    // So near to the truth it did not come by chance, in degrees. Common practice, no source.
    private const double OtherWay = 5;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        // Where the house rules leave it open, both ways are practised; a full circle has a kind of its own.
        ReflexMethod method = plan.Reflex is ReflexMethod.From360 or ReflexMethod.AddTo180
            ? plan.Reflex.Value
            : plan.InTurn([ReflexMethod.From360, ReflexMethod.AddTo180]);
        return new ReflexItem(
            method == ReflexMethod.From360
                ? Text.Kinds.Reflex.From360(plan.Names.Full)
                : Text.Kinds.Reflex.AddTo180(plan.Names.Full),
            plan.Instrument,
            plan.Angle with
            {
                Vertex = default,
            },
            plan.Names,
            method
        );
    }

    /// <inheritdoc/>
    protected override ItemView Present(ReflexItem item, HouseRules rules)
    {
        SheetState sheet = Sheets.With(item.Angle, item.Names);
        bool adds = item.Method == ReflexMethod.AddTo180;
        if (adds)
        {
            sheet = sheet with
            {
                Lines =
                [
                    new DrawnLine(
                        "backwards",
                        item.Angle.Vertex,
                        item.Angle.Vertex.Towards(
                            item.Angle.Start.Opposite,
                            item.Instrument.EdgeRadius + 8
                        ),
                        Ink.Extension
                    ),
                ],
            };
        }
        return new ItemView(
            Key,
            item.Prompt,
            sheet,
            ItemView.WindowFor(item.Instrument),
            [
                CommonAsks.Reading(
                    "part",
                    "placement",
                    adds ? Text.Kinds.Reflex.AskBeyond : Text.Kinds.Reflex.AskSmaller
                ),
                new Ask("answer", AskType.Degrees, Text.Kinds.Reflex.AskAnswer) { Most = 720 },
            ]
        )
        {
            InHand = item.Instrument,
        };
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(ReflexItem item, HouseRules rules) =>
        new(
            item.Method == ReflexMethod.AddTo180 ? "reflex-add-to-180" : "reflex-from-360",
            new DemonstrationTask(item.Angle, item.Instrument, item.Names, rules)
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(ReflexItem item, ReflexResponse? response)
    {
        ReflexMethod method = MethodOf(item, response);
        var part = new ReadingStep(
            "part",
            Text.Kinds.Steps.Reading,
            MarkingContext.Measuring(item.PartFor(method), item.Instrument, response?.Placement),
            response?.Part,
            MistakeCatalogue.Reading
        );
        return
        [
            part,
            new ComputedStep<ReflexSum>(
                "answer",
                Text.Kinds.Steps.ReflexAngle,
                item.Angle.Measure.Degrees,
                response?.Answer,
                [part],
                read => new ReflexSum(read[0], method),
                MistakeCatalogue.OfReflex
            ),
        ];
    }

    // Whoever finds it in the other way finds it, too: both numbers tell which way it was.
    private static ReflexMethod MethodOf(ReflexItem item, ReflexResponse? response)
    {
        ReflexMethod other =
            item.Method == ReflexMethod.AddTo180 ? ReflexMethod.From360 : ReflexMethod.AddTo180;
        return
            response is not null
            && !Follows(response, item.Method)
            && Follows(response, other)
            && Math.Abs(response.Answer - item.Angle.Measure.Degrees) <= OtherWay
            ? other
            : item.Method;
    }

    private static bool Follows(ReflexResponse response, ReflexMethod method) =>
        Math.Abs(new ReflexSum(response.Part, method).Result - response.Answer) <= 1;

    /// <inheritdoc/>
    protected override ReflexResponse Attempt(ReflexItem item, Attempt attempt)
    {
        (double part, Placement placement) = attempt.Measure(item.Part, item.Instrument);
        double answer = attempt.Compute(
            new ReflexSum(part, item.Method),
            MistakeCatalogue.OfReflex
        );
        return new ReflexResponse(part, Math.Clamp(answer, 0, 720), placement);
    }
}
