using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Algebra;

/// <summary>
/// Parts of an angle as expressions in x: from the sheet to the equation, line by line to x, back into every part, and their sum as a
/// check. x keeps its exact value; whoever wants to round does it last.
/// </summary>
public sealed class PartsByAlgebra()
    : Demonstration(
        new DemonstrationFacts(
            "parts-by-algebra",
            DemonstrationGroup.Algebra,
            Text.Demonstrations.Algebra.Title,
            Text.Demonstrations.Algebra.Summary
        )
        {
            LeastMeasure = 0,
            MostMeasure = 360,
        }
    )
{
    // The lines of the equation stand beside the figure, in mm.
    private const double LinesAt = 128;
    private const double TopLine = 52;
    private const double LineHeight = 15;
    private const double LineWidth = 92;

    private static readonly PartsSheet Usual = PartsSheet.ToScale(
        new AngleParts(PartsFigure.RightAngle, [new(2, 7), new(1, 40)])
    );

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task) =>
        // It is about its own angles, not about the angle of the task.
        Of(Usual, 0, task.Rules) with
        {
            Answer = null,
        };

    /// <summary>How an item is worked.</summary>
    internal static WorkedExample Example(PartsSheet sheet, int asked, HouseRules rules) =>
        WorkedExample.Of(
            DemonstrationCatalogue.Find("parts-by-algebra")!,
            Of(sheet, asked, rules),
            rules
        );

    private static Script Of(PartsSheet sheet, int asked, HouseRules rules)
    {
        AngleParts parts = sheet.Parts;
        Fraction x = parts.X!.Value;
        var board = new Storyboard(rules) { Sheet = sheet.State() };
        board.KeepInView(new Point(LinesAt + LineWidth / 2, TopLine));
        string wanted = parts.Expressions[asked].ToString();
        board.Step(
            "figure",
            Text.Demonstrations.Labels.TheFigure,
            Text.Demonstrations.Algebra.Figure(wanted)
        );
        board.Step(
            "whole",
            Text.Demonstrations.Labels.Together,
            WholeOf(sheet),
            Question.Open(Text.Demonstrations.Algebra.WholeQuestion)
        );
        int line = Solve(board, parts);
        PutBack(board, sheet, x);
        Check(board, parts, x, line);
        Fraction measure = parts.Expressions[asked].At(x);
        if (!measure.Denominator.IsOne)
        {
            board.Step(
                "round",
                Text.Demonstrations.Labels.Round,
                Text.Demonstrations.Algebra.Round(
                    ExactNumber.Write(measure),
                    Math.Round((double)measure, 1)
                )
            );
        }
        return board.Script(
            "parts-by-algebra",
            Text.Demonstrations.Algebra.Named(wanted),
            (double)measure
        );
    }

    private static Message WholeOf(PartsSheet sheet) =>
        sheet.Parts.Figure switch
        {
            PartsFigure.RightAngle => Text.Demonstrations.Algebra.WholeRight(90),
            PartsFigure.StraightLine => Text.Demonstrations.Algebra.WholeLine(180),
            PartsFigure.Bisected when sheet.EqualMarks => Text.Demonstrations.Algebra.EqualMarks,
            PartsFigure.Bisected => Text.Demonstrations.Algebra.EqualBisector,
            PartsFigure.Opposite => Text.Demonstrations.Algebra.EqualOpposite,
            _ => Text.Demonstrations.Algebra.WholeTurn(360),
        };

    // The parts that a step is about.
    private static void Light(Storyboard board, AngleParts parts, Func<int, bool> isLit)
    {
        for (int i = 0; i < parts.Expressions.Count; i++)
        {
            bool lit = isLit(i);
            board.Change(PartsSheet.Id(i), f => f with { OpeningSpotlight = lit });
        }
    }

    // One part after the other is laid onto the whole, and written beside it.
    private static void LayOn(Storyboard board, AngleParts parts)
    {
        for (int i = 0; i < parts.Expressions.Count; i++)
        {
            int now = i;
            string part = parts.Expressions[i].ToString();
            Light(board, parts, each => each == now);
            WriteLine(
                board,
                0,
                string.Join(parts.AreEqual ? ", " : " + ", parts.Expressions.Take(i + 1))
            );
            board.Step(
                "part",
                Text.Demonstrations.Labels.Part,
                i == 0
                    ? Text.Demonstrations.Algebra.FirstPart(part)
                    : Text.Demonstrations.Algebra.NextPart(part)
            );
        }
    }

    // All the x that the parts hold, and what they hold beside.
    private static Message Collected(LinearExpression together)
    {
        string x = new LinearExpression(together.X, 0).ToString();
        string rest = ExactNumber.Write(together.Constant.Abs());
        return together.Constant.IsZero ? Text.Demonstrations.Algebra.CollectOnly(x)
            : together.Constant.IsPositive ? Text.Demonstrations.Algebra.CollectMore(x, rest)
            : Text.Demonstrations.Algebra.CollectLess(x, rest);
    }

    // Line by line, each with what it means on the sheet. Tells how many lines there are.
    private static int Solve(Storyboard board, AngleParts parts)
    {
        LayOn(board, parts);
        LinearEquation equation = parts.Equation;
        int line = 0;
        Light(board, parts, _ => true);
        Line(
            "equation",
            Text.Demonstrations.Labels.Equation,
            parts.Write(equation),
            parts.AreEqual
                ? Text.Demonstrations.Algebra.EquationEqual
                : Text.Demonstrations.Algebra.EquationSum
        );
        // With more x on the left, so that no x is less than none.
        if (equation.Right.X > equation.Left.X)
        {
            equation = new LinearEquation(equation.Right, equation.Left);
        }
        LinearExpression taken = new(equation.Right.X, 0);
        equation = new(equation.Left - taken, equation.Right - taken);
        Line(
            "collect",
            Text.Demonstrations.Labels.Collect,
            equation.ToString(),
            taken.HasX ? Text.Demonstrations.Algebra.TakeX(taken.ToString())
                : parts.AreEqual ? Text.Demonstrations.Algebra.Collect
                : Collected(equation.Left)
        );
        Fraction constant = equation.Left.Constant;
        if (!constant.IsZero)
        {
            var moved = LinearExpression.Of(constant);
            equation = new(equation.Left - moved, equation.Right - moved);
            string size = ExactNumber.Write(constant.Abs());
            Line(
                "both-sides",
                Text.Demonstrations.Labels.BothSides,
                equation.ToString(),
                constant.IsPositive
                    ? parts.AreEqual
                        ? Text.Demonstrations.Algebra.TakeAway(size)
                        : Text.Demonstrations.Algebra.TakeAwayFromWhole(size)
                    : Text.Demonstrations.Algebra.Add(size)
            );
        }
        if (equation.Left.X != Fraction.One)
        {
            Line(
                "x",
                Text.Demonstrations.Labels.FindX,
                $"x = {ExactNumber.Write(parts.X!.Value)}",
                Text.Demonstrations.Algebra.Divide(ExactNumber.Write(equation.Left.X))
            );
        }
        Light(board, parts, _ => false);
        return line;

        void Line(string key, Message label, string written, Message caption)
        {
            WriteLine(board, line++, written);
            board.Step(key, label, caption);
        }
    }

    private static void WriteLine(Storyboard board, int line, string text) =>
        board.Write(
            new Written(
                $"line-{line}",
                Text.Units.AsWritten(text),
                new Point(LinesAt, TopLine - LineHeight * line)
            )
        );

    private static void PutBack(Storyboard board, PartsSheet sheet, Fraction x)
    {
        for (int i = 0; i < sheet.Parts.Expressions.Count; i++)
        {
            LinearExpression part = sheet.Parts.Expressions[i];
            string id = PartsSheet.Id(i);
            string measure = ExactNumber.Write(part.At(x));
            Written note = board.Sheet.Notes.First(n => n.Id == id);
            board.Write(note with { Text = Text.Algebra.Measure(measure) });
            int now = i;
            Light(board, sheet.Parts, each => each == now);
            board.Step(
                "put-back",
                Text.Demonstrations.Labels.PutBack,
                Text.Demonstrations.Algebra.PutBack(part.ToString(), ExactNumber.Write(x), measure)
            );
        }
    }

    private static void Check(Storyboard board, AngleParts parts, Fraction x, int line)
    {
        Light(board, parts, _ => true);
        string[] measures = [.. parts.At(x).Select(ExactNumber.Write)];
        WriteLine(
            board,
            line,
            parts.Whole is int whole
                ? $"{string.Join(" + ", measures)} = {whole}"
                : $"{measures[0]} = {measures[1]}"
        );
        board.Step(
            "check",
            Text.Demonstrations.Labels.Check,
            parts.AreEqual
                ? Text.Demonstrations.Algebra.CheckEqual
                : Text.Demonstrations.Algebra.CheckSum,
            Question.Open(Text.Demonstrations.Algebra.CheckQuestion)
        );
    }
}
