using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Exactly;

/// <summary>Find the one angle among several that is exactly so large.</summary>
public sealed class ExactlyKind()
    : ExerciseKind<ExactlyItem, ExactlyResponse>(
        new KindFacts(
            "exactly",
            Text.Kinds.Facts.Exactly.Title,
            Text.Kinds.Facts.Exactly.Summary,
            [
                MistakeCatalogue.Get<OtherScale>(),
                MistakeCatalogue.Get<WrongTen>(),
                MistakeCatalogue.Get<TicksBackwards>(),
            ]
        )
        {
            Difficulty = 3,
            LeastMeasure = 22,
            MostMeasure = 158,
        }
    )
{
    // Two beside two, each with room for the instrument, in mm.
    private const double Across = 118;
    private const double Up = 96;
    private const int Shown = 4;

    // Arms reach so far beyond the rim, and on the usual instrument so far in all; in mm.
    private const double BeyondRim = 5;
    private const double UsualArm = 80;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        int asked = (int)plan.Angle.Measure.Degrees;
        int ones = asked % 10;
        List<int> others =
        [
            180 - asked,
            asked < 100 ? asked + 10 : asked - 10,
            asked - 2 * ones + 10,
            .. Enumerable
                .Range(3, 8)
                .Select(n => asked > 90 ? asked - 4 * n - 1 : asked + 4 * n + 1),
        ];
        List<int> measures =
        [
            asked,
            .. others.Distinct().Where(m => Math.Abs(m - asked) > plan.Tolerance).Take(Shown - 1),
        ];
        plan.Random.Shuffle(measures);
        double arm = plan.Instrument.EdgeRadius + BeyondRim;
        double larger = Larger(arm);
        return new ExactlyItem(
            Text.Kinds.Exactly.Prompt(asked),
            plan.Instrument,
            plan.Angle.Measure,
            [
                .. measures.Select(
                    (m, i) =>
                    {
                        bool right = plan.Random.Chance(0.5);
                        return new Angle(
                            new Point(
                                larger * (i % 2 == 0 ? -Across : Across) / 1.25,
                                larger * (i < 2 ? Up / 2.4 : -Up)
                            ),
                            new Direction(right ? 0 : 180),
                            new Measure(m),
                            right ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
                            arm,
                            arm
                        );
                    }
                ),
            ]
        );
    }

    // A large instrument needs longer arms, and these a larger sheet.
    private static double Larger(double arm) => Math.Max(1, arm / UsualArm);

    private static SheetWindow Window(double larger) =>
        new(-184 * larger, -128 * larger, 368 * larger, 268 * larger);

    /// <inheritdoc/>
    protected override ItemView Present(ExactlyItem item, HouseRules rules)
    {
        AskOption[] letters =
        [
            .. item.Angles.Select(
                (_, i) =>
                    new AskOption(
                        ExactlyItem.LetterOf(i),
                        Text.Units.AsWritten(ExactlyItem.LetterOf(i))
                    )
            ),
        ];
        return new ItemView(
            Key,
            item.Prompt,
            new SheetState
            {
                Figures = [.. item.Angles.Select((a, i) => new Figure($"angle-{i}", a))],
                Notes =
                [
                    .. item.Angles.Select(
                        (a, i) =>
                            new Written(
                                $"letter-{i}",
                                Text.Units.AsWritten(ExactlyItem.LetterOf(i)),
                                new Point(a.Vertex.X, a.Vertex.Y - 11)
                            )
                    ),
                ],
            },
            Window(Larger(item.Angles[0].StartLength)),
            [
                new Ask("byEye", AskType.Choice, Text.Kinds.Exactly.AskByEye) { Options = letters },
                new Ask("found", AskType.Choice, Text.Kinds.Exactly.AskFound)
                {
                    Options = letters,
                    Afterwards = true,
                    LaysOn = true,
                },
            ]
        )
        {
            InHand = item.Instrument,
        };
    }

    /// <inheritdoc/>
    protected override ToldSheet Tell(ExactlyItem item, ItemView view) =>
        new(
            [
                Text.Heard.FromMiddle,
                ToldAngles.Unit,
                .. item.Angles.SelectMany(
                    (a, i) => ToldAngles.Called(Text.Heard.Lettered(ExactlyItem.LetterOf(i)), a)
                ),
            ],
            [],
            [
                .. item.Angles.Select(
                    (a, i) =>
                        ToldAngles.PlaceOf(
                            a,
                            Text.Heard.ArmOf(ExactlyItem.LetterOf(i)),
                            Text.Heard.OtherArmOf(ExactlyItem.LetterOf(i))
                        )
                ),
            ]
        );

    /// <inheritdoc/>
    protected override WorkedExample Work(ExactlyItem item, HouseRules rules) =>
        new(
            "measure",
            new DemonstrationTask(
                item.Angles.First(a => a.Measure == item.Asked),
                item.Instrument,
                new AngleNames("K", "L", "M"),
                rules
            )
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        ExactlyItem item,
        ExactlyResponse? response
    ) =>
        [
            new ChoiceStep(
                "by-eye",
                Text.Kinds.Steps.ByEye,
                Options(item, []),
                response?.ByEye,
                null,
                null
            )
            {
                Decides = false,
                Weight = 0,
            },
            new ChoiceStep(
                "found",
                Text.Kinds.Steps.Found,
                Options(item, WithInstrument),
                response?.Found,
                Text.Kinds.Exactly.Right,
                Text.Kinds.Exactly.Look
            ),
        ];

    // An angle is taken for the right one by the mistake that reads the asked measure off it.
    private static List<Option> Options(ExactlyItem item, IReadOnlyList<InstrumentMistake> mistakes)
    {
        var options = new List<Option>();
        for (int i = 0; i < item.Angles.Count; i++)
        {
            string letter = ExactlyItem.LetterOf(i);
            var context = MarkingContext.Measuring(
                item.Angles[i],
                item.Instrument,
                placement: null
            );
            bool right = item.Angles[i].Measure == item.Asked;
            options.Add(
                new Option(letter, Text.Units.AsWritten(letter), right)
                {
                    Causes = right
                        ? []
                        :
                        [
                            .. mistakes
                                .Where(m => Reads(m, context, item.Asked.Degrees))
                                .Select(m =>
                                    MistakeInContext.Of(
                                        m,
                                        new MistakeStory(context, item.Asked.Degrees, null)
                                    )
                                ),
                        ],
                }
            );
        }
        return options;
    }

    private static bool Reads(InstrumentMistake mistake, MarkingContext context, double asked)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        PredictionCatalogue.Predict(mistake, context, null, ref outcomes);
        for (int i = 0; i < outcomes.Count; i++)
        {
            if (Math.Abs(outcomes[i].Degrees - asked) < 1)
            {
                return true;
            }
        }
        return false;
    }

    /// <inheritdoc/>
    protected override ExactlyResponse Attempt(ExactlyItem item, Attempt attempt)
    {
        string found = attempt.Choose(Options(item, WithInstrument));
        return new ExactlyResponse(attempt.Choose(Options(item, [])), found);
    }
}
