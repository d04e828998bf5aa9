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
    private readonly Parsed<WrittenEquation>? _equation = response?.Equation is string equation
        ? AlgebraReader.Equation(equation)
        : null;

    private readonly Parsed<WrittenNumber>? _x = Read(response?.X);

    private readonly IReadOnlyList<Parsed<WrittenNumber>?> _parts =
    [
        .. item.Sheet.Parts.Expressions.Select((_, i) => Read(response?.Parts[i])),
    ];

    private static Parsed<WrittenNumber>? Read(string? written) =>
        written is null ? null : AlgebraReader.Number(written);

    private AngleParts Parts => item.Sheet.Parts;

    private Fraction Truth => Parts.X!.Value;

    // What was written for x: rounded, it is gone on with as it stands.
    private Fraction? OwnX => _x?.Value?.Value;

    // What the student's own parts come to.
    private Fraction? OwnSum =>
        _parts.Aggregate((Fraction?)Fraction.Zero, (sum, part) => sum + part?.Value?.Value);

    // The true number, and the one that follows from what was written before.
    private static IReadOnlyList<Fraction> Either(Fraction truth, Fraction? own) =>
        own is Fraction follows ? [truth, follows] : [truth];

    /// <summary>Equations that slips lead to.</summary>
    internal IReadOnlyList<Lead<EquationAnswer>> WrongEquations =>
        Led(
            (MistakeInContext.Of<SetEqual>(), Equations(AlgebraSlips.SetEqual(Parts))),
            (MistakeInContext.Of<AddedEqual>(), Equations(AlgebraSlips.AddedEqual(Parts))),
            (MistakeInContext.Of<WrongWhole>(), Equations(AlgebraSlips.WrongWhole(Parts))),
            (MistakeInContext.Of<LooksRight>(), Equations(AlgebraSlips.AssumedRightAngle(Parts)))
        );

    internal EquationStep Equation() =>
        new("equation", Text.Kinds.Steps.Equation, Parts, _equation, WrongEquations);

    internal WrittenNumberStep<UnknownValue> X() =>
        new(
            "x",
            Text.Kinds.Steps.X,
            Either(Truth, _equation?.Value?.Equation.Solution),
            _x,
            value => new UnknownValue(value),
            WrongX(Parts),
            Text.Algebra.Number.LookX
        );

    internal WrittenNumberStep<ExactDegrees> Part(int index, string key)
    {
        LinearExpression part = Parts.Expressions[index];
        return new(
            key,
            Text.Kinds.Steps.Part(part.ToString()),
            Either(Parts.Measures[index], OwnX is Fraction x ? part.At(x) : null),
            _parts[index],
            value => new ExactDegrees(value),
            response is { X: null, Equation: null }
                ? Alone(part, index)
                : WrongParts(item, index, OwnX ?? Truth),
            Text.Algebra.Number.LookPart
        );
    }

    // Where only the angle is asked, what went wrong in the lines before shows in it: one mistake may lead to several numbers.
    private Lead<ExactDegrees>[] Alone(LinearExpression part, int index) =>
        [
            .. WrongParts(item, index, Truth)
                .Concat(FromBefore(part, Parts.Measures[index]))
                .GroupBy(l => l.By.Mistake)
                .Select(g => new Lead<ExactDegrees>(
                    g.First().By,
                    [.. g.SelectMany(l => l.Answers).Distinct()]
                )),
        ];

    internal WrittenNumberStep<ExactDegrees> Sum() =>
        new(
            "sum",
            Text.Kinds.Steps.SumOfParts,
            Either(Parts.Whole ?? 0, OwnSum),
            Read(response?.Sum),
            value => new ExactDegrees(value),
            [],
            Text.Algebra.Number.LookSum
        )
        {
            Weight = 0.5,
        };

    private IEnumerable<Lead<ExactDegrees>> FromBefore(LinearExpression part, Fraction right)
    {
        return WrongEquations
            .Select(l => (l.By, X: l.Answers.Select(a => a.Equation.Solution)))
            .Concat(WrongX(Parts).Select(l => (l.By, X: l.Answers.Select(a => (Fraction?)a.Value))))
            .SelectMany(l => Led((l.By, Degrees(l.X.OfType<Fraction>()))));

        IEnumerable<ExactDegrees> Degrees(IEnumerable<Fraction> xs) =>
            xs.Select(part.At)
                .Where(m => m.IsPositive && m != right)
                .Select(m => new ExactDegrees(m));
    }

    /// <summary>Numbers that slips lead to where the equation is right.</summary>
    internal static IReadOnlyList<Lead<UnknownValue>> WrongX(AngleParts parts)
    {
        return Led(
            (MistakeInContext.Of<SignKept>(), Values(AlgebraSlips.SignKept(parts))),
            (MistakeInContext.Of<DividedWrongWay>(), Values(AlgebraSlips.DividedWrongWay(parts))),
            (MistakeInContext.Of<CutOff>(), Values(AlgebraSlips.CutOff(parts.X!.Value)))
        );

        static IEnumerable<UnknownValue> Values(IEnumerable<Fraction> found) =>
            found.Select(x => new UnknownValue(x));
    }

    /// <summary>Measures that slips lead to where x is right, or what was taken for it.</summary>
    internal static IReadOnlyList<Lead<ExactDegrees>> WrongParts(
        PartsItem item,
        int index,
        Fraction x
    )
    {
        AngleParts parts = item.Sheet.Parts;
        LinearExpression part = parts.Expressions[index];
        IReadOnlyList<Fraction> measures = parts.At(x);
        Fraction measure = measures[index];
        bool asked = index == item.Asked;
        IEnumerable<Fraction> others = measures.Where(m => m != measure && m.IsPositive && m != x);
        return Led(
            (MistakeInContext.Of<GaveX>(), Degrees(asked && x != measure ? [x] : [])),
            (MistakeInContext.Of<OtherPart>(), Degrees(asked ? others : [])),
            (
                MistakeInContext.Of<NotPutBack>(),
                Degrees(asked ? [] : AlgebraSlips.NotPutBack(part, measure))
            ),
            (MistakeInContext.Of<CutOff>(), Degrees(AlgebraSlips.CutOff(measure)))
        );

        static IEnumerable<ExactDegrees> Degrees(IEnumerable<Fraction> found) =>
            found.Select(m => new ExactDegrees(m));
    }

    private static IEnumerable<EquationAnswer> Equations(IEnumerable<LinearEquation> found) =>
        found.Select(e => new EquationAnswer(e));

    // A mistake that leads to nothing here cannot be made here.
    private static List<Lead<TAnswer>> Led<TAnswer>(
        params IReadOnlyList<(MistakeInContext By, IEnumerable<TAnswer> Answers)> mistakes
    )
        where TAnswer : ExactAnswer
    {
        var leads = new List<Lead<TAnswer>>(mistakes.Count);
        foreach ((MistakeInContext by, IEnumerable<TAnswer> answers) in mistakes)
        {
            TAnswer[] unlike = [.. answers.Distinct()];
            if (unlike.Length > 0)
            {
                leads.Add(new Lead<TAnswer>(by, unlike));
            }
        }
        return leads;
    }
}
