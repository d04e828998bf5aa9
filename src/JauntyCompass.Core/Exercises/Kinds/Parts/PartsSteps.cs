using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Parts;

/// <summary>
/// The lines that a student writes, each judged by what stands before it: whoever takes a wrong equation and solves it rightly has
/// made one mistake and not four.
/// </summary>
internal sealed class PartsSteps(PartsItem item, PartsResponse? response)
{
    private AngleParts Parts => item.Sheet.Parts;

    private Fraction Truth => Parts.X!.Value;

    // x as it follows from the equation that was written, and the true one.
    private Fraction[] RightX =>
        response?.Equation is string written
        && AlgebraReader.Equation(written) is { IsRead: true } read
        && read.Value.Equation.Solution is Fraction own
            ? [Truth, own]
            : [Truth];

    // What was written for x, or what it would be: rounded, it is gone on with as it stands.
    private Fraction? OwnX =>
        response?.X is string written && AlgebraReader.Number(written) is { IsRead: true } read
            ? read.Value.Value
            : null;

    /// <summary>Equations that slips lead to.</summary>
    internal IReadOnlyList<Lead<EquationAnswer>> WrongEquations =>
        [
            .. Of<SetEqual, EquationAnswer>(AlgebraSlips.SetEqual(Parts), e => new(e)),
            .. Of<AddedEqual, EquationAnswer>(AlgebraSlips.AddedEqual(Parts), e => new(e)),
            .. Of<WrongWhole, EquationAnswer>(AlgebraSlips.WrongWhole(Parts), e => new(e)),
            .. Of<LooksRight, EquationAnswer>(AlgebraSlips.AssumedRightAngle(Parts), e => new(e)),
        ];

    internal EquationStep Equation() =>
        new("equation", Text.Kinds.Steps.Equation, Parts, response?.Equation, WrongEquations);

    internal WrittenNumberStep<UnknownValue> X() =>
        new(
            "x",
            Text.Kinds.Steps.X,
            RightX,
            response?.X,
            value => new UnknownValue(value),
            WrongX(Parts),
            Text.Algebra.Number.LookX
        );

    internal WrittenNumberStep<ExactMeasure> Part(int index, string key) =>
        new(
            key,
            Text.Kinds.Steps.Part(Parts.Expressions[index].ToString()),
            OwnX is Fraction own
                ? [Parts.Expressions[index].At(Truth), Parts.Expressions[index].At(own)]
                : [Parts.Expressions[index].At(Truth)],
            response?.Parts[index],
            value => new ExactMeasure(value),
            [
                .. WrongParts(item, index, OwnX ?? Truth)
                    .Concat(response is { X: null, Equation: null } ? FromBefore(index) : [])
                    // One mistake may lead to several numbers.
                    .GroupBy(l => l.By.Mistake)
                    .Select(g => new Lead<ExactMeasure>(
                        g.First().By,
                        [.. g.SelectMany(l => l.Answers).Distinct()]
                    )),
            ],
            Text.Algebra.Number.LookPart
        );

    // Where only the angle is asked, what went wrong in the lines before shows in it.
    private IEnumerable<Lead<ExactMeasure>> FromBefore(int index)
    {
        LinearExpression part = Parts.Expressions[index];
        Fraction right = part.At(Truth);
        return
        [
            .. WrongEquations.SelectMany(lead =>
                At(
                    lead.By,
                    lead.Answers.Where(a => a.Equation.Solution is not null)
                        .Select(a => part.At(a.Equation.Solution!.Value))
                )
            ),
            .. WrongX(Parts)
                .SelectMany(lead => At(lead.By, lead.Answers.Select(a => part.At(a.Value)))),
        ];

        IEnumerable<Lead<ExactMeasure>> At(MistakeInContext by, IEnumerable<Fraction> measures)
        {
            ExactMeasure[] wrong =
            [
                .. measures
                    .Where(m => m.IsPositive && m != right)
                    .Distinct()
                    .Select(m => new ExactMeasure(m)),
            ];
            return wrong.Length > 0 ? [new Lead<ExactMeasure>(by, wrong)] : [];
        }
    }

    internal WrittenNumberStep<ExactMeasure> Sum() =>
        new(
            "sum",
            Text.Kinds.Steps.SumOfParts,
            OwnSum is Fraction own ? [Parts.Whole ?? 0, own] : [Parts.Whole ?? 0],
            response?.Sum,
            value => new ExactMeasure(value),
            [],
            Text.Algebra.Number.LookSum
        )
        {
            Weight = 0.5,
        };

    // What the student's own parts come to.
    private Fraction? OwnSum
    {
        get
        {
            Fraction sum = Fraction.Zero;
            for (int i = 0; i < Parts.Expressions.Count; i++)
            {
                if (
                    response?.Parts[i] is not string written
                    || AlgebraReader.Number(written) is not { IsRead: true } read
                )
                {
                    return null;
                }
                sum += read.Value.Value;
            }
            return sum;
        }
    }

    /// <summary>Numbers that slips lead to where the equation is right.</summary>
    internal static IReadOnlyList<Lead<UnknownValue>> WrongX(AngleParts parts) =>
        [
            .. Of<SignKept, UnknownValue>(AlgebraSlips.SignKept(parts), x => new(x)),
            .. Of<DividedWrongWay, UnknownValue>(AlgebraSlips.DividedWrongWay(parts), x => new(x)),
            .. Of<CutOff, UnknownValue>(AlgebraSlips.CutOff(parts.X!.Value), x => new(x)),
        ];

    /// <summary>Measures that slips lead to where x is right, or what was taken for it.</summary>
    internal static IReadOnlyList<Lead<ExactMeasure>> WrongParts(
        PartsItem item,
        int index,
        Fraction x
    )
    {
        AngleParts parts = item.Sheet.Parts;
        LinearExpression part = parts.Expressions[index];
        Fraction measure = part.At(x);
        IReadOnlyList<Fraction> others =
        [
            .. parts.At(x).Where(m => m != measure && m.IsPositive && m != x).Distinct(),
        ];
        return index == item.Asked
            ?
            [
                .. Of<GaveX, ExactMeasure>(x == measure ? [] : [x], m => new(m)),
                .. Of<OtherPart, ExactMeasure>(others, m => new(m)),
                .. Of<CutOff, ExactMeasure>(AlgebraSlips.CutOff(measure), m => new(m)),
            ]
            :
            [
                .. Of<NotPutBack, ExactMeasure>(
                    AlgebraSlips.NotPutBack(part, measure),
                    m => new(m)
                ),
                .. Of<CutOff, ExactMeasure>(AlgebraSlips.CutOff(measure), m => new(m)),
            ];
    }

    private static IEnumerable<Lead<TAnswer>> Of<TMistake, TAnswer>(
        IReadOnlyList<LinearEquation> found,
        Func<LinearEquation, TAnswer> of
    )
        where TMistake : Mistake<NoContext>
        where TAnswer : ExactAnswer =>
        found.Count == 0
            ? []
            : [new Lead<TAnswer>(MistakeInContext.Of<TMistake>(), [.. found.Select(of)])];

    private static IEnumerable<Lead<TAnswer>> Of<TMistake, TAnswer>(
        IReadOnlyList<Fraction> found,
        Func<Fraction, TAnswer> of
    )
        where TMistake : Mistake<NoContext>
        where TAnswer : ExactAnswer =>
        found.Count == 0
            ? []
            : [new Lead<TAnswer>(MistakeInContext.Of<TMistake>(), [.. found.Select(of)])];

    /// <summary>An equation as a student types it: its parts one by one where it is about the parts.</summary>
    internal static string Typed(AngleParts parts, LinearEquation equation)
    {
        if (equation.Left == parts.Sum)
        {
            string sum = string.Join(
                " + ",
                parts.Expressions.Select(e => e.X.IsNegative ? $"({e})" : e.ToString())
            );
            return $"{sum} = {equation.Right}";
        }
        return equation.ToString();
    }
}
