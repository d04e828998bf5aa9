using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Outlines;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Outline;

/// <summary>Angles in letters, signs and outlines: solve a riddle over them, and count a kind.</summary>
public sealed class OutlineKind()
    : ExerciseKind<OutlineItem, OutlineResponse>(
        new KindFacts(
            "outline",
            Text.Kinds.Facts.Outline.Title,
            Text.Kinds.Facts.Outline.Summary,
            [MistakeCatalogue.Get<MixedUpKinds>()]
        )
        {
            Difficulty = 2,
            IsMeasured = false,
        }
    )
{
    private const int Shown = 4;
    private const double Across = 58;
    private const double Up = 44;
    private const int Tries = 100;

    // Of so many items the answer may be none.
    private const double None = 0.15;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        List<OutlineShape> shapes = [.. OutlineShapes.All];
        OutlineShape turn = plan.Onwards(shapes);
        bool noneNow = plan.Own.Chance(None);
        for (int t = 0; ; t++)
        {
            plan.Own.Shuffle(shapes);
            OutlineShape[] shown = [.. shapes.Take(Shown)];
            // One of which no riddle tells among any others makes way for them.
            // An answer of none is a good one now and again; after many tries any is better than no riddle.
            bool noneWillDo = noneNow || t >= Tries;
            foreach (OutlineShape meant in t < Tries ? shown.Where(s => s == turn) : shown)
            {
                if (RiddleFor(meant, shown, noneWillDo) is var (riddle, counted))
                {
                    return new OutlineItem(
                        Text.Kinds.Outline.Prompt(riddle.Parts, counted),
                        shown,
                        riddle,
                        counted
                    );
                }
            }
        }
    }

    // The shortest riddle that fits this outline and no other of those shown; two things are said at least. Counted is what it does not
    // tell.
    private static (Riddle Riddle, AngleKind Counted)? RiddleFor(
        OutlineShape meant,
        OutlineShape[] shown,
        bool noneWillDo
    )
    {
        (int acute, int right, int obtuse) = (
            meant.Count(AngleKind.Acute),
            meant.Count(AngleKind.Right),
            meant.Count(AngleKind.Obtuse)
        );
        (Riddle, AngleKind)[] candidates =
        [
            .. meant.HasTwoAcuteAlike
                ? [(new Riddle(null, right, null, true), AngleKind.Obtuse)]
                : Array.Empty<(Riddle, AngleKind)>(),
            (new Riddle(acute, right, null, null), AngleKind.Obtuse),
            (new Riddle(null, right, obtuse, null), AngleKind.Acute),
            (new Riddle(acute, null, obtuse, null), AngleKind.Right),
        ];
        foreach ((Riddle riddle, AngleKind counted) in candidates)
        {
            if (shown.Count(riddle.Fits) == 1 && (noneWillDo || meant.Count(counted) > 0))
            {
                return (riddle, counted);
            }
        }
        return null;
    }

    /// <inheritdoc/>
    protected override ItemView Present(OutlineItem item, HouseRules rules)
    {
        var lines = new List<DrawnLine>();
        var notes = new List<Written>();
        for (int i = 0; i < item.Shapes.Count; i++)
        {
            var middle = new Point(i % 2 == 0 ? -Across : Across, i < 2 ? Up : -Up);
            int number = 0;
            foreach (IReadOnlyList<Point> stroke in item.Shapes[i].Strokes)
            {
                for (int s = 1; s < stroke.Count; s++)
                {
                    lines.Add(
                        new DrawnLine(
                            $"outline-{i}-{number++}",
                            Moved(stroke[s - 1], middle),
                            Moved(stroke[s], middle)
                        )
                    );
                }
            }
            notes.Add(
                new Written(
                    $"letter-{i}",
                    Text.Units.AsWritten(OutlineItem.LetterOf(i)),
                    new Point(middle.X - 46, middle.Y + 26)
                )
            );
        }
        return new ItemView(
            Key,
            item.Prompt,
            new SheetState { Lines = lines, Notes = notes },
            ItemView.UsualWindow,
            [
                new Ask("fits", AskType.Choice, Text.Kinds.Outline.Ask)
                {
                    Options =
                    [
                        .. item.Shapes.Select(
                            (s, i) =>
                                new AskOption(
                                    OutlineItem.LetterOf(i),
                                    Text.Kinds.Outline.Lettered(OutlineItem.LetterOf(i), s.Name)
                                )
                        ),
                    ],
                },
                new Ask("count", AskType.Count, Text.Kinds.Outline.AskCount(item.Counted))
                {
                    Most = 40,
                },
            ]
        );
    }

    private static Point Moved(Point point, Point by) => new(point.X + by.X, point.Y + by.Y);

    /// <inheritdoc/>
    protected override ToldSheet Tell(OutlineItem item, ItemView view) =>
        new([ToldAngles.Unit, .. item.Shapes.SelectMany(OutlineInWords)], [], []);

    private static IEnumerable<Message> OutlineInWords(OutlineShape shape, int index)
    {
        Message outline = Text.Kinds.Outline.Lettered(OutlineItem.LetterOf(index), shape.Name);
        IReadOnlyList<double> angles = shape.Angles;
        yield return Text.Heard.Outline.Corners(
            outline,
            angles.Count,
            [.. angles.Select(OutlineShape.AsDrawn).Select(ToldAngles.Opening)]
        );
        // Which corners open alike is seen, too; to the half hour it cannot be told.
        foreach (IReadOnlyList<int> alike in shape.EqualCorners)
        {
            yield return Text.Heard.Outline.Equal(
                outline,
                [
                    .. alike.Select(corner =>
                        Text.Units.AsWritten((corner + 1).ToString(CultureInfo.InvariantCulture))
                    ),
                ]
            );
        }
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(OutlineItem item, HouseRules rules) =>
        OutlineCorners.Example(item.Shapes.First(item.Riddle.Fits), rules);

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        OutlineItem item,
        OutlineResponse? response
    )
    {
        OutlineShape meant = item.Shapes.First(item.Riddle.Fits);
        int truth = meant.Count(item.Counted);
        int mixedUp = meant.Count(Swapped(item.Counted));
        return
        [
            new ChoiceStep(
                "fits",
                Text.Kinds.Steps.Riddle,
                Options(item),
                response?.Fits,
                Text.Kinds.Outline.Right,
                Text.Kinds.Outline.Look
            ),
            new NumberStep<Count>(
                "count",
                Text.Kinds.Steps.Counted,
                new Count(truth),
                response is null ? null : Count.Typed(response.Count),
                mixedUp == truth
                    ? []
                    : [new(MistakeInContext.Of<MixedUpKinds>(), [new Count(mixedUp)])],
                Text.Kinds.Outline.Counted,
                Text.Kinds.Outline.CountAgain
            ),
        ];
    }

    // Who swaps acute and obtuse looks for another outline.
    private static IReadOnlyList<Option> Options(OutlineItem item)
    {
        var swapped = new Riddle(item.Riddle.Obtuse, item.Riddle.Right, item.Riddle.Acute, null);
        return
        [
            .. item.Shapes.Select(
                (s, i) =>
                {
                    bool right = item.Riddle.Fits(s);
                    return new Option(
                        OutlineItem.LetterOf(i),
                        Text.Units.AsWritten(OutlineItem.LetterOf(i)),
                        right
                    )
                    {
                        Causes =
                            !right && item.Riddle.AcuteAlike is null && swapped.Fits(s)
                                ? [MistakeInContext.Of<MixedUpKinds>()]
                                : [],
                    };
                }
            ),
        ];
    }

    private static AngleKind Swapped(AngleKind kind) =>
        kind switch
        {
            AngleKind.Acute => AngleKind.Obtuse,
            AngleKind.Obtuse => AngleKind.Acute,
            _ => kind,
        };

    /// <inheritdoc/>
    protected override OutlineResponse Attempt(OutlineItem item, Attempt attempt)
    {
        OutlineShape meant = item.Shapes.First(item.Riddle.Fits);
        AngleKind counted = attempt.Shows<MixedUpKinds>() ? Swapped(item.Counted) : item.Counted;
        return new OutlineResponse(attempt.Choose(Options(item)), meant.Count(counted));
    }
}
