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
            "Short questions",
            "Answer a short question on the instrument.",
            [MistakeCatalogue.Get<InstrumentIdea>()]
        )
        {
            Difficulty = 0,
            IsMeasured = false,
        }
    )
{
    private static readonly (string Question, string Right, string[] Wrong)[] Bank =
    [
        (
            "What does a protractor measure?",
            "how far two arms open",
            ["how long the arms are", "how far the ends are apart", "the area between the arms"]
        ),
        (
            "Why has a half circle two scales?",
            "an angle may open from either side",
            ["one is for drawing", "one is for large angles only", "in case one rubs off"]
        ),
        (
            "What lies on the vertex?",
            "the centre mark",
            ["the end of the straight edge", "the zero of the scale", "the middle of the rim"]
        ),
        (
            "What lies on the first arm?",
            "the zero line",
            ["the straight edge, always", "the 90", "nothing in particular"]
        ),
        (
            "Where does counting begin?",
            "at the zero that lies on the arm",
            ["always at the left", "at 90", "at the smaller number"]
        ),
        (
            "An arm is too short to reach the graduations. What now?",
            "extend it exactly along itself",
            ["guess where it would cross", "move the protractor nearer", "choose another angle"]
        ),
        (
            "At one graduation of a half circle, the two scales together make",
            "180",
            ["90", "360", "always something else"]
        ),
        (
            "An angle is measured once from each arm. The two readings",
            "must be alike",
            ["add up to 180", "add up to 360", "have nothing to do with each other"]
        ),
        (
            "How is a right angle marked?",
            "with a box",
            ["with an arc", "with two dots", "not at all"]
        ),
        (
            "What is one degree on the rim?",
            "the space between two neighbouring graduations",
            ["one graduation", "the space between two numbers", "a millimetre"]
        ),
    ];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        (string question, string right, string[] wrong) = plan.Onwards(Bank);
        List<int> order = [.. Enumerable.Range(0, wrong.Length + 1)];
        plan.Random.Shuffle(order);
        return new InstrumentQuestionItem(question, right, wrong, order);
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
                new Ask("picked", AskType.Choice, "Choose one")
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
                "Answer",
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

    private static IReadOnlyList<Option> Options(InstrumentQuestionItem item) =>
        [
            new Option("0", item.Right, right: true),
            .. item.Wrong.Select(
                (text, i) =>
                    new Option((i + 1).ToString(CultureInfo.InvariantCulture), text)
                    {
                        Causes = [MistakeInContext.Of<InstrumentIdea>()],
                    }
            ),
        ];
}
