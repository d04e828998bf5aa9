using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
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

namespace JauntyCompass.Core.Exercises.Kinds.InstrumentQuestion;

/// <summary>Short questions on the instrument: what it is for, why two scales, how it is done.</summary>
public sealed class InstrumentQuestionKind()
    : ExerciseKind<InstrumentQuestionItem, InstrumentQuestionResponse>(
        new KindFacts(
            "instrument-question",
            Text.Kinds.Facts.InstrumentQuestion.Title,
            Text.Kinds.Facts.InstrumentQuestion.Summary,
            [MistakeCatalogue.Get<InstrumentIdea>()]
        )
        {
            Difficulty = 0,
            IsMeasured = false,
        }
    )
{
    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        ShortQuestion question = plan.Onwards(QuestionBank.All);
        List<int> order = [.. Enumerable.Range(0, question.Wrong.Count + 1)];
        plan.Random.Shuffle(order);
        return new InstrumentQuestionItem(question.Question, question.Key, order);
    }

    /// <inheritdoc/>
    protected override ItemView Present(InstrumentQuestionItem item, HouseRules rules)
    {
        IReadOnlyList<Option> options = Options(item);
        return new ItemView(
            Key,
            item.Prompt,
            new SheetState
            {
                Instruments =
                [
                    new LaidInstrument(
                        "laid",
                        InstrumentCatalogue.DeskHalfCircle.Id,
                        new Placement(new Point(0, -30), default)
                    ),
                ],
            },
            ItemView.UsualWindow,
            [
                new Ask("picked", AskType.Choice, Text.Kinds.InstrumentQuestion.Ask)
                {
                    Options =
                    [
                        .. item.Order.Select(i => new AskOption(
                            options[i].Choice.Key,
                            options[i].Choice.Text
                        )),
                    ],
                },
            ]
        );
    }

    /// <inheritdoc/>
    protected override ToldSheet Tell(InstrumentQuestionItem item, ItemView view) =>
        new(
            [Text.Heard.Instrument(InstrumentWords.Name(InstrumentCatalogue.DeskHalfCircle))],
            [],
            []
        );

    /// <inheritdoc/>
    protected override WorkedExample Work(InstrumentQuestionItem item, HouseRules rules) =>
        new(
            "measure",
            new DemonstrationTask(
                new Angle(default, default, new Measure(64), TurnDirection.Anticlockwise, 90, 90),
                InstrumentCatalogue.DeskHalfCircle,
                new AngleNames("K", "L", "M"),
                rules
            )
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        InstrumentQuestionItem item,
        InstrumentQuestionResponse? response
    ) =>
        [
            new ChoiceStep(
                "picked",
                Text.Kinds.Steps.Answer,
                Options(item),
                response?.Picked,
                Text.Kinds.InstrumentQuestion.Right,
                Text.Kinds.InstrumentQuestion.Look
            ),
        ];

    /// <inheritdoc/>
    protected override InstrumentQuestionResponse Attempt(
        InstrumentQuestionItem item,
        Attempt attempt
    ) => new(attempt.Choose(Options(item)));

    private static IReadOnlyList<Option> Options(InstrumentQuestionItem item)
    {
        ShortQuestion question = QuestionBank.Find(item.Question)!;
        return
        [
            new Option("0", question.Right, right: true),
            .. question.Wrong.Select(
                (wrong, i) =>
                    new Option((i + 1).ToString(CultureInfo.InvariantCulture), wrong.Answer)
                    {
                        Causes =
                        [
                            MistakeInContext.Of(
                                MistakeCatalogue.Get<InstrumentIdea>(),
                                wrong.Why,
                                Text.Kinds.InstrumentQuestion.Look
                            ),
                        ],
                    }
            ),
        ];
    }
}
