using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Demonstrations.WentWrong.Replays;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Observations;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.FindMistake;

/// <summary>Find another student's mistake, name it and put it right.</summary>
public sealed class FindMistakeKind()
    : ExerciseKind<FindMistakeItem, FindMistakeResponse>(
        new KindFacts(
            "find-mistake",
            Text.Kinds.Facts.FindMistake.Title,
            Text.Kinds.Facts.FindMistake.Summary,
            MistakeCatalogue.Reading
        )
        {
            Difficulty = 5,
            LeastMeasure = 12,
            MostMeasure = 168,
        }
    )
{
    private const int Choices = 4;

    // Mistakes that can be seen from how the instrument lies and what is written.
    private static readonly InstrumentMistake[] Seen =
    [
        MistakeCatalogue.Get<OtherScale>(),
        MistakeCatalogue.Get<OnlyScaleOtherWay>(),
        MistakeCatalogue.Get<WrongTen>(),
        MistakeCatalogue.Get<TicksBackwards>(),
        MistakeCatalogue.Get<StraightEdgeForZeroLine>(),
        MistakeCatalogue.Get<ZeroLineOff>(),
        MistakeCatalogue.Get<CentreMarkOff>(),
    ];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        double arm = plan.Instrument.EdgeRadius + 9;
        Angle angle = plan.Angle with { StartLength = arm, EndLength = arm };
        LaidAngle laid = StandardPlacement.Of(angle, plan.Names, plan.Instrument)!.Laid;
        List<InstrumentMistake> mistakes = [.. Seen.Where(m => m.CanBeMadeOn(plan.Instrument))];
        (InstrumentMistake made, MeasuringExample slip) = Chosen(
            plan.FromTurn(mistakes),
            laid,
            plan.Tolerance
        );
        plan.Random.Shuffle(mistakes);
        var asItLies = MarkingContext.Measuring(angle, plan.Instrument, slip.Placement);
        List<InstrumentMistake> offered =
        [
            made,
            .. mistakes.Where(m => m != made && !IsAlsoTrue(m, slip, asItLies)).Take(Choices - 1),
        ];
        plan.Random.Shuffle(offered);
        string who = plan.InTurn(Students);
        return new FindMistakeItem(
            Text.Kinds.FindMistake.Prompt(who, slip.Answer),
            plan.Instrument,
            angle,
            plan.Names,
            slip.Placement,
            slip.Answer,
            made.Key,
            [.. offered.Select(m => m.Key)]
        );
    }

    // What comes to the same number, or is seen in how the instrument lies, would be an answer as true.
    private static bool IsAlsoTrue(
        InstrumentMistake mistake,
        MeasuringExample slip,
        MarkingContext asItLies
    )
    {
        const double Same = 1;
        if (mistake.IsOfPlacing)
        {
            return ObservationCatalogue.Observe(mistake, asItLies) >= 0.5;
        }
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        PredictionCatalogue.Predict(mistake, asItLies, null, ref outcomes);
        for (int i = 0; i < outcomes.Count; i++)
        {
            if (Math.Abs(outcomes[i].Degrees - slip.Answer) <= Same)
            {
                return true;
            }
        }
        return false;
    }

    // The first that gives a number nobody would accept; with a tolerance too wide for any, the one farthest off.
    private static (InstrumentMistake Mistake, MeasuringExample Example) Chosen(
        IEnumerable<InstrumentMistake> mistakes,
        LaidAngle laid,
        double tolerance
    )
    {
        List<(InstrumentMistake Mistake, MeasuringExample Example)> shown = [];
        foreach (InstrumentMistake mistake in mistakes)
        {
            if (ReplayCatalogue.Measuring(mistake)?.Replay(laid) is MeasuringExample example)
            {
                shown.Add((mistake, example with { Placement = example.Placement.Rounded() }));
            }
        }
        double Off(MeasuringExample slip) => Math.Abs(slip.Answer - laid.Angle.Measure.Degrees);
        int first = shown.FindIndex(m => Off(m.Example) > tolerance);
        return first >= 0 ? shown[first] : shown.MaxBy(m => Off(m.Example));
    }

    private static readonly string[] Students = ["Tam", "Io", "Bea", "Cass", "Rue", "Ned"];

    /// <inheritdoc/>
    protected override ItemView Present(FindMistakeItem item, HouseRules rules)
    {
        SheetState sheet = Sheets.With(item.Angle, item.Names);
        return new ItemView(
            Key,
            item.Prompt,
            sheet with
            {
                Instruments = [new LaidInstrument("laid", item.Instrument.Id, item.Placement)],
            },
            ItemView.WindowFor(item.Instrument),
            [
                CommonAsks.Choice("found", Text.Kinds.FindMistake.Ask, Options(item)),
                CommonAsks.Reading("reading", "placement", Text.Kinds.FindMistake.AskReading) with
                {
                    Afterwards = true,
                },
            ]
        )
        {
            InHand = item.Instrument,
        };
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(FindMistakeItem item, HouseRules rules) =>
        new(
            "wrong-" + item.Mistake,
            new DemonstrationTask(
                item.Angle,
                item.Instrument,
                item.Names,
                rules,
                item.Placement,
                item.Written
            )
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        FindMistakeItem item,
        FindMistakeResponse? response
    ) =>
        [
            new ChoiceStep(
                "found",
                Text.Kinds.Steps.MistakeFound,
                Options(item),
                response?.Found,
                Text.Kinds.FindMistake.Right,
                Text.Kinds.FindMistake.Look
            ),
            new ReadingStep(
                "reading",
                Text.Kinds.Steps.PutRight,
                MarkingContext.Measuring(item.Angle, item.Instrument, response?.Placement),
                response?.Reading,
                WithInstrument
            ),
        ];

    private static IReadOnlyList<Option> Options(FindMistakeItem item) =>
        [
            .. item.Offered.Select(key => new Option(
                key,
                MistakeCatalogue.NameOf(key),
                key == item.Mistake
            )),
        ];

    /// <inheritdoc/>
    protected override FindMistakeResponse Attempt(FindMistakeItem item, Attempt attempt)
    {
        (double reading, Placement placement) = attempt.Measure(item.Angle, item.Instrument);
        return new FindMistakeResponse(item.Mistake, reading, placement);
    }
}
