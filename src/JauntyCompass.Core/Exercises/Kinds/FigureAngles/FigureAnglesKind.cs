using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.FigureAngles;

/// <summary>Measure all angles of a polygon, and check by their sum.</summary>
public sealed class FigureAnglesKind()
    : ExerciseKind<FigureAnglesItem, FigureAnglesResponse>(
        new KindFacts(
            "figure-angles",
            Text.Kinds.Facts.FigureAngles.Title,
            Text.Kinds.Facts.FigureAngles.Summary,
            MistakeCatalogue.Reading
        )
        {
            Difficulty = 4,
            Varieties = CornersInTurn.Length,
            LeastMeasure = 28,
            MostMeasure = 105,
        }
    )
{
    // An honest reading is off by no more, in degrees. Common practice, no source.
    private const double Honest = 2;

    // Sides reach the graduations of a desk protractor from nearly every corner.
    private const double Size = 88;
    private static readonly int[] CornersInTurn = [3, 4, 3, 5, 3, 4];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        int corners = plan.InTurn(CornersInTurn);
        IReadOnlyList<Point> figure = corners == 3 ? Triangle(plan) : Polygon(corners, plan.Own);
        return new FigureAnglesItem(
            Text.Kinds.FigureAngles.Prompt(corners),
            plan.Instrument,
            figure
        );
    }

    // The chosen measure stands at A; the other two share the rest, none of them small.
    private static IReadOnlyList<Point> Triangle(ItemPlan plan)
    {
        double a = plan.Angle.Measure.Degrees;
        double rest = 180 - a;
        int least = (int)Math.Max(28, rest - 122);
        double b = plan.Own.Between(least, (int)Math.Max(least, rest - 28));
        return Turned(Corners.OfTriangle(a, b, longest: 1.9 * Size), plan.Own.Between(-12, 12));
    }

    // Corners near those of a regular polygon, so that none of its angles is straight or more.
    private static IReadOnlyList<Point> Polygon(int corners, SeededRandom random)
    {
        int apart = 360 / corners;
        int astray = apart * 4 / 15;
        return Turned(
            [
                .. Enumerable
                    .Range(0, corners)
                    .Select(i =>
                        default(Point).Towards(
                            new Direction(
                                Direction.Reduce(45 + apart * i + random.Between(-astray, astray))
                            ),
                            Size + random.Between(-12, 8)
                        )
                    ),
            ],
            0
        );
    }

    private static IReadOnlyList<Point> Turned(IEnumerable<Point> corners, double turn) =>
        [
            .. Corners
                .Centred([
                    .. corners.Select(p =>
                        default(Point).Towards(
                            Direction.Between(default, p).Turned(turn),
                            default(Point).DistanceTo(p)
                        )
                    ),
                ])
                .Select(p => p.Rounded()),
        ];

    /// <inheritdoc/>
    protected override ItemView Present(FigureAnglesItem item, HouseRules rules)
    {
        int count = item.Corners.Count;
        double middleX = item.Corners.Average(p => p.X);
        double middleY = item.Corners.Average(p => p.Y);
        var middle = new Point(middleX, middleY);
        return new ItemView(
            Key,
            item.Prompt,
            new SheetState
            {
                Lines =
                [
                    .. item.Corners.Select(
                        (p, i) => new DrawnLine($"side-{i}", p, item.Corners[(i + 1) % count])
                    ),
                ],
                Notes =
                [
                    .. item.Corners.Select(
                        (p, i) =>
                            new Written(
                                $"corner-{i}",
                                Text.Units.AsWritten(FigureAnglesItem.Letters[i]),
                                p.Towards(Direction.Between(middle, p), 8)
                            )
                    ),
                ],
            },
            new SheetWindow(-128, -107, 256, 214),
            [
                .. item.Corners.Select(
                    (_, i) =>
                    {
                        string letter = FigureAnglesItem.Letters[i];
                        string field = letter.ToLowerInvariant();
                        return CommonAsks.Reading(
                            field,
                            field + "Placement",
                            Text.Kinds.FigureAngles.Ask(letter)
                        );
                    }
                ),
                new Ask("sum", AskType.Count, Text.Kinds.FigureAngles.AskSum) { Most = 1800 },
            ]
        )
        {
            InHand = item.Instrument,
        };
    }

    /// <inheritdoc/>
    protected override ToldSheet Tell(FigureAnglesItem item, ItemView view)
    {
        IEnumerable<int> corners = Enumerable.Range(0, item.Corners.Count);
        return new ToldSheet(
            [
                Text.Heard.FromMiddle,
                ToldAngles.Unit,
                .. corners.Select(i =>
                    Text.Heard.Corner(
                        FigureAnglesItem.Letters[i],
                        ToldAngles.Place(item.Corners[i]),
                        ToldAngles.Opening(item.At(i).Measure.Degrees)
                    )
                ),
            ],
            [],
            [.. corners.Select(i => ToldAngles.PlaceOf(item.At(i), item.NamesAt(i)))]
        );
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(FigureAnglesItem item, HouseRules rules) =>
        new("measure", new DemonstrationTask(item.At(0), item.Instrument, item.NamesAt(0), rules));

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        FigureAnglesItem item,
        FigureAnglesResponse? response
    )
    {
        ReadingStep[] readings =
        [
            .. item.Corners.Select(
                (_, i) =>
                {
                    (double? reading, Placement? placement) = response?.At(i) ?? (null, null);
                    string letter = FigureAnglesItem.Letters[i];
                    return new ReadingStep(
                        letter.ToLowerInvariant(),
                        Text.Kinds.FigureAngles.Ask(letter),
                        MarkingContext.Measuring(item.At(i), item.Instrument, placement),
                        reading,
                        MistakeCatalogue.Reading
                    )
                    {
                        Names = item.NamesAt(i),
                        Place = Text.Marks.Reading.AtCorner(letter),
                    };
                }
            ),
        ];
        double ownSum = readings.Sum(r => r.Given ?? r.Context.Measure);
        return
        [
            .. readings,
            new NumberStep<ExactDegrees>(
                "sum",
                Text.Kinds.Steps.Sum,
                ExactDegrees.Typed(ownSum),
                response is null ? null : ExactDegrees.Typed(response.Sum),
                [],
                Text.Kinds.FigureAngles.Right,
                Text.Kinds.FigureAngles.Look(item.Sum)
            )
            {
                Decides = false,
                Weight = 0.5,
                // Every reading may be a little off, and together they are so many times as much.
                Doubt =
                    Math.Abs(ownSum - item.Sum) > item.Corners.Count * Honest
                        ? Text.Kinds.FigureAngles.Doubt(item.Sum)
                        : null,
            },
        ];
    }

    /// <inheritdoc/>
    protected override FigureAnglesResponse Attempt(FigureAnglesItem item, Attempt attempt)
    {
        (double Reading, Placement Placement)[] read =
        [
            .. item.Corners.Select((_, i) => attempt.Measure(item.At(i), item.Instrument)),
        ];
        (double Reading, Placement Placement)? Corner(int i) => i < read.Length ? read[i] : null;
        return new FigureAnglesResponse(
            read[0].Reading,
            read[1].Reading,
            read[2].Reading,
            read.Sum(r => r.Reading),
            Corner(3)?.Reading,
            Corner(4)?.Reading,
            read[0].Placement,
            read[1].Placement,
            read[2].Placement,
            Corner(3)?.Placement,
            Corner(4)?.Placement
        );
    }
}
