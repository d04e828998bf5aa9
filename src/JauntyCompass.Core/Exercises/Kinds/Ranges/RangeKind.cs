using JauntyCompass.Core.Angles;
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
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Ranges;

/// <summary>Measure two positions of something that moves, and find the range between them.</summary>
public sealed class RangeKind()
    : ExerciseKind<RangeItem, RangeResponse>(
        new KindFacts(
            "range",
            Text.Kinds.Facts.Range.Title,
            Text.Kinds.Facts.Range.Summary,
            [.. MistakeCatalogue.Reading, .. MistakeCatalogue.OfRanges]
        )
        {
            Difficulty = 4,
            LeastMeasure = 12,
            MostMeasure = 110,
        }
    )
{
    private static readonly Func<string, string, Message>[] Movers =
    [
        Text.Kinds.Range.SceneCrane,
        Text.Kinds.Range.SceneBoom,
        Text.Kinds.Range.SceneLighthouse,
        Text.Kinds.Range.SceneDrawbridge,
    ];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        double arm = plan.Instrument.EdgeRadius + 8;
        Angle first = plan.Angle with { StartLength = arm, EndLength = arm };
        double measure = first.Measure.Degrees;
        double further = plan.Own.Between(18, (int)Math.Min(90, 172 - measure));
        string letter = plan.Names.FreeLetter;
        return new RangeItem(
            plan.InTurn(Movers)(plan.Names.EndRay, plan.Names.Vertex + letter),
            plan.Instrument,
            first,
            first with
            {
                Measure = new Measure(measure + further),
            },
            plan.Names,
            letter
        );
    }

    /// <inheritdoc/>
    protected override ItemView Present(RangeItem item, HouseRules rules)
    {
        Point tip = item.Second.Vertex.Towards(item.Second.End, item.Second.EndLength);
        SheetState sheet = Sheets.With(item.First, item.Names, OpeningMark.None);
        return new ItemView(
            Key,
            item.Prompt,
            sheet with
            {
                Lines = [new DrawnLine("second", item.Second.Vertex, tip, Arrow: true)],
                Notes =
                [
                    new Written(
                        "letter",
                        Text.Units.AsWritten(item.SecondLetter),
                        item.Second.Vertex.Towards(item.Second.End, item.Second.EndLength + 6)
                    ),
                ],
            },
            ItemView.UsualWindow,
            [
                CommonAsks.Reading(
                    "first",
                    "firstPlacement",
                    Text.Kinds.Range.Ask(item.Names.EndRay)
                ),
                CommonAsks.Reading(
                    "second",
                    "secondPlacement",
                    Text.Kinds.Range.Ask(item.Names.Vertex + item.SecondLetter)
                ),
                new Ask("answer", AskType.Degrees, Text.Kinds.Range.AskAnswer) { Most = 720 },
            ]
        )
        {
            InHand = item.Instrument,
        };
    }

    /// <inheritdoc/>
    protected override ToldSheet Tell(RangeItem item, ItemView view)
    {
        var names = new AngleNames(item.Names.Vertex, item.Names.Start, item.SecondLetter);
        ToldPlace place = ToldAngles.PlaceOf(item.First, item.Names);
        ToldPlace second = ToldAngles.PlaceOf(item.Second, names);
        ToldSheet first = SheetTelling.Of(view);
        return first with
        {
            Sentences =
            [
                .. first.Sentences,
                Text.Heard.OtherArm(names.EndRay, item.Second.EndLength),
                ToldAngles.Opens(item.Second, names),
            ],
            Places = [place with { Rays = [.. place.Rays, second.Rays[1]] }],
        };
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(RangeItem item, HouseRules rules) =>
        new("measure", new DemonstrationTask(item.First, item.Instrument, item.Names, rules));

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(RangeItem item, RangeResponse? response)
    {
        var first = new ReadingStep(
            "first",
            Text.Kinds.Steps.FirstPosition,
            MarkingContext.Measuring(item.First, item.Instrument, response?.FirstPlacement),
            response?.First,
            MistakeCatalogue.Reading
        )
        {
            Place = Text.Kinds.Range.FirstPosition,
        };
        var second = new ReadingStep(
            "second",
            Text.Kinds.Steps.SecondPosition,
            MarkingContext.Measuring(item.Second, item.Instrument, response?.SecondPlacement),
            response?.Second,
            MistakeCatalogue.Reading
        )
        {
            Names = item.Names with { End = item.SecondLetter },
            Place = Text.Kinds.Range.SecondPosition,
        };
        return
        [
            first,
            second,
            new ComputedStep<RangeSum>(
                "answer",
                Text.Kinds.Steps.Range,
                item.Truth,
                response?.Answer,
                [first, second],
                read => new RangeSum(read[0], read[1]),
                MistakeCatalogue.OfRanges
            ),
        ];
    }

    /// <inheritdoc/>
    protected override RangeResponse Attempt(RangeItem item, Attempt attempt)
    {
        (double first, Placement one) = attempt.Measure(item.First, item.Instrument);
        (double second, Placement two) = attempt.Measure(item.Second, item.Instrument);
        double answer = attempt.Compute(new RangeSum(first, second), MistakeCatalogue.OfRanges);
        return new RangeResponse(first, second, answer, one, two);
    }
}
