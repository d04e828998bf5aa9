using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Algebra;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Parts;

/// <summary>Parts of an angle as expressions in x: the equation between them, x, each part, and their sum as a check.</summary>
public sealed class PartsKind()
    : ExerciseKind<PartsItem, PartsResponse>(
        new KindFacts(
            "parts",
            Text.Kinds.Facts.Parts.Title,
            Text.Kinds.Facts.Parts.Summary,
            [MistakeCatalogue.Get<LooksRight>(), .. MistakeCatalogue.OfAlgebra]
        )
        {
            Difficulty = 5,
            Varieties = NumbersInTurn.Length,
            IsMeasured = false,
            OfAnyKind = true,
            LeastMeasure = FirstMeasure,
            MostMeasure = FirstMeasure + Figures.Length - 1,
        }
    )
{
    private static readonly (PartsFigure Figure, int Count)[] Figures =
    [
        (PartsFigure.RightAngle, 2),
        (PartsFigure.StraightLine, 2),
        (PartsFigure.Bisected, 2),
        (PartsFigure.FullTurn, 3),
        (PartsFigure.Opposite, 2),
        (PartsFigure.RightAngle, 3),
        (PartsFigure.Reflex, 2),
        (PartsFigure.StraightLine, 3),
    ];

    private static readonly AlgebraNumbers[] NumbersInTurn =
    [
        AlgebraNumbers.Whole,
        AlgebraNumbers.WholeAngles,
        AlgebraNumbers.Repeating,
    ];

    // The measure of an item only varies it: each stands for a figure, so that the set takes those at which its mistakes show.
    private const int FirstMeasure = 60;

    private static readonly string[] Fields = ["first", "second", "third"];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        (PartsFigure Figure, int Count)[] wanted = Wanted(plan.Kinds);
        (PartsFigure figure, int count) = wanted[
            ((int)plan.Angle.Measure.Degrees - FirstMeasure) % wanted.Length
        ];
        AlgebraNumbers numbers =
            plan.Numbers == AlgebraNumbers.Mixed ? plan.InTurn(NumbersInTurn) : plan.Numbers;
        bool often = plan.Random.Chance(0.6);
        bool toScale = plan.Scale == FigureScale.Mixed ? often : plan.Scale == FigureScale.ToScale;
        bool marks = plan.Random.Chance(0.5);
        int asked = plan.Own.Below(count);
        AngleParts parts = PartsProposal.Make(figure, count, numbers, asked, plan.Own);
        var sheet = new PartsSheet(
            parts,
            PartsProposal.Drawn(parts, toScale, plan.Own),
            Tilted(figure, plan),
            figure == PartsFigure.Bisected && marks
        );
        Message prompt = Text.Kinds.Parts.Prompt(parts.Expressions[asked].ToString());
        if (figure == PartsFigure.Bisected && !marks)
        {
            prompt = Text.Kinds.Parts.PromptBisector(prompt);
        }
        return new PartsItem(
            toScale ? prompt : Text.Kinds.Parts.PromptNotToScale(prompt),
            sheet,
            asked
        );
    }

    // Parts of an angle of a kind that is wanted; where there are none, any.
    private static (PartsFigure Figure, int Count)[] Wanted(IReadOnlyList<AngleKind>? kinds)
    {
        (PartsFigure, int)[] wanted =
        [
            .. Figures.Where(f =>
                KindOf(f.Figure) is AngleKind kind && kinds?.Contains(kind) == true
            ),
        ];
        return wanted.Length > 0 ? wanted : Figures;
    }

    private static AngleKind? KindOf(PartsFigure figure) =>
        figure switch
        {
            PartsFigure.RightAngle => AngleKind.Right,
            PartsFigure.StraightLine => AngleKind.Straight,
            PartsFigure.Reflex => AngleKind.Reflex,
            _ => null,
        };

    private static double Tilted(PartsFigure figure, ItemPlan plan) =>
        figure == PartsFigure.StraightLine ? 0 : 15 * plan.Own.Below(24);

    /// <inheritdoc/>
    protected override ItemView Present(PartsItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            item.Sheet.State(),
            ItemView.UsualWindow,
            [.. Asks(item).Where(a => IsAsked(a.Field, item, rules.Algebra))]
        );

    private static bool IsAsked(string field, PartsItem item, AlgebraLines lines) =>
        lines switch
        {
            AlgebraLines.AnswerOnly => field == Fields[item.Asked],
            AlgebraLines.EquationAndAnswer => field is "equation" or "x"
                || field == Fields[item.Asked],
            _ => true,
        };

    private static IEnumerable<Ask> Asks(PartsItem item) =>
        [
            CommonAsks.Choice("whole", Text.Kinds.Parts.AskWhole, Wholes(item)),
            CommonAsks.Choice("reason", Text.Kinds.Parts.AskReason, Reasons(item)),
            new Ask("equation", AskType.Equation, Text.Kinds.Parts.AskEquation),
            new Ask("x", AskType.ExactNumber, Text.Kinds.Parts.AskX),
            .. item.Sheet.Parts.Expressions.Select(
                (e, i) =>
                    new Ask(Fields[i], AskType.ExactNumber, Text.Kinds.Parts.AskPart(e.ToString()))
            ),
            .. item.Sheet.Parts.AreEqual
                ? (Ask[])[]
                : [new Ask("sum", AskType.ExactNumber, Text.Kinds.Parts.AskSum)],
        ];

    /// <inheritdoc/>
    protected override ToldSheet Tell(PartsItem item, ItemView view) =>
        new(
            [
                Text.Heard.Parts.Lie(item.Sheet.Parts.Figure, item.Sheet.Parts.Expressions.Count),
                .. item.Sheet.EqualMarks ? (Message[])[Text.Heard.Parts.EqualMarks] : [],
                Text.Heard.Parts.Are(string.Join(", ", item.Sheet.Parts.Expressions)),
            ],
            [],
            []
        );

    /// <inheritdoc/>
    protected override WorkedExample Work(PartsItem item, HouseRules rules) =>
        PartsByAlgebra.Example(item.Sheet, item.Asked, rules);

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(PartsItem item, PartsResponse? response)
    {
        var steps = new PartsSteps(item, response);
        return
        [
            .. Where(
                response is null || response.Whole is not null,
                new ChoiceStep(
                    "whole",
                    Text.Kinds.Steps.Whole,
                    Wholes(item),
                    response?.Whole,
                    Text.Kinds.Parts.WholeRight,
                    Text.Kinds.Parts.WholeLook
                )
            ),
            .. Where(
                response is null || response.Reason is not null,
                new ChoiceStep(
                    "reason",
                    Text.Kinds.Steps.Reason,
                    Reasons(item),
                    response?.Reason,
                    Text.Kinds.Parts.ReasonRight,
                    Text.Kinds.Parts.ReasonLook
                )
            ),
            .. Where(response is null || response.Equation is not null, steps.Equation()),
            .. Where(response is null || response.X is not null, steps.X()),
            .. item.Sheet.Parts.Expressions.SelectMany(
                (_, i) =>
                    Where(
                        response is null || i == item.Asked || response.Parts[i] is not null,
                        steps.Part(i, Fields[i])
                    )
            ),
            .. Where(
                !item.Sheet.Parts.AreEqual && (response is null || response.Sum is not null),
                steps.Sum()
            ),
        ];
    }

    private static IEnumerable<AnsweredStep> Where(bool asked, AnsweredStep step) =>
        asked ? [step] : [];

    private static IReadOnlyList<Option> Wholes(PartsItem item)
    {
        AngleParts parts = item.Sheet.Parts;
        return
        [
            .. AngleParts.Wholes.Select(whole => new Option(
                $"sum-{whole}",
                Text.Kinds.Parts.Make(whole),
                parts.Whole == whole
            )
            {
                Causes =
                    parts.Whole == whole ? []
                    : parts.AreEqual ? [MistakeInContext.Of<AddedEqual>()]
                    : whole == 90 ? [MistakeInContext.Of<LooksRight>()]
                    : [MistakeInContext.Of<WrongWhole>()],
            }),
            new Option("equal", Text.Kinds.Parts.AreEqual, parts.AreEqual)
            {
                Causes = parts.AreEqual ? [] : [MistakeInContext.Of<SetEqual>()],
            },
        ];
    }

    private static IReadOnlyList<Option> Reasons(PartsItem item)
    {
        string right = ReasonOf(item.Sheet);
        return
        [
            Because("box", Text.Kinds.Parts.BecauseBox),
            Because("line", Text.Kinds.Parts.BecauseLine),
            Because("turn", Text.Kinds.Parts.BecauseTurn),
            Because("bisector", Text.Kinds.Parts.BecauseBisector),
            Because("marks", Text.Kinds.Parts.BecauseMarks),
            Because("opposite", Text.Kinds.Parts.BecauseOpposite),
            new Option("looks", Text.Kinds.Parts.BecauseLooks)
            {
                Causes = [MistakeInContext.Of<LooksRight>()],
            },
        ];

        Option Because(string key, Message text) => new(key, text, key == right);
    }

    private static string ReasonOf(PartsSheet sheet) =>
        sheet.Parts.Figure switch
        {
            PartsFigure.RightAngle => "box",
            PartsFigure.StraightLine => "line",
            PartsFigure.Bisected => sheet.EqualMarks ? "marks" : "bisector",
            PartsFigure.Opposite => "opposite",
            _ => "turn",
        };

    /// <inheritdoc/>
    protected override PartsResponse Attempt(PartsItem item, Attempt attempt)
    {
        var steps = new PartsSteps(item, null);
        AngleParts parts = item.Sheet.Parts;
        EquationAnswer equation =
            attempt.Led(steps.WrongEquations) ?? new EquationAnswer(parts.Equation);
        bool right = equation.Equation.IsEquivalentTo(parts.Equation);
        Fraction own = equation.Equation.Solution ?? parts.X!.Value;
        Fraction x = (right ? attempt.Led(PartsSteps.WrongX(parts)) : null)?.Value ?? own;
        string[] measures =
        [
            .. parts.Expressions.Select(
                (e, i) =>
                    ExactNumber.Write(
                        attempt.Led(PartsSteps.WrongParts(item, i, x))?.Value ?? e.At(x)
                    )
            ),
        ];
        Fraction sum = parts.At(x).Aggregate((a, b) => a + b);
        return new PartsResponse(
            attempt.Choose(Wholes(item)),
            attempt.Choose(Reasons(item)),
            parts.Write(equation.Equation),
            ExactNumber.Write(x),
            measures[0],
            measures[1],
            measures.Length > 2 ? measures[2] : null,
            parts.AreEqual ? null : ExactNumber.Write(sum)
        );
    }
}
