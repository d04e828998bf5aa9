using System.Globalization;
using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Wording;

/// <summary>How numbers and kinds are written and said.</summary>
public static class Numbers
{
    private static readonly string[] Units =
    [
        "none",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
    ];

    private static readonly string[] Tens =
    [
        "zero",
        "ten",
        "twenty",
        "thirty",
        "forty",
        "fifty",
        "sixty",
        "seventy",
        "eighty",
        "ninety",
    ];

    /// <summary>Degrees with the degree sign, without needless decimals: <c>64°</c>, <c>45.5°</c>.</summary>
    public static string Degrees(double degrees) => Plain(degrees) + "°";

    /// <summary>A number with at most one decimal, always with a point.</summary>
    public static string Plain(double number)
    {
        double rounded = Math.Round(number, 1, MidpointRounding.AwayFromZero);
        return (rounded == 0 ? 0 : rounded).ToString("0.#", CultureInfo.InvariantCulture);
    }

    /// <summary>Millimetres with one decimal: <c>3.2 mm</c>.</summary>
    public static string Millimetres(double millimetres) => Plain(millimetres) + " mm";

    /// <summary>A multiple of ten from 0 to 360 as it is said when counting: <c>a hundred and twenty</c>.</summary>
    public static string SaidTen(int number)
    {
        int hundreds = number / 100;
        string rest = Tens[number / 10 % 10];
        string hundred = hundreds switch
        {
            0 => "",
            1 => "a hundred",
            _ => $"{Units[hundreds]} hundred",
        };
        return hundreds == 0 ? rest
            : number % 100 == 0 ? hundred
            : $"{hundred} and {rest}";
    }

    /// <summary>A number from 0 to 9 in words.</summary>
    public static string SaidUnit(int number) => Units[number];

    /// <summary>The adjective of a kind: <c>acute</c>.</summary>
    public static string Adjective(AngleKind kind) =>
        kind switch
        {
            AngleKind.Zero => "zero",
            AngleKind.Acute => "acute",
            AngleKind.Right => "right",
            AngleKind.Obtuse => "obtuse",
            AngleKind.Straight => "straight",
            AngleKind.Reflex => "reflex",
            _ => "full turn",
        };

    /// <summary>A kind with its article: <c>an acute angle</c>, <c>a full turn</c>.</summary>
    public static string WithArticle(AngleKind kind) =>
        kind switch
        {
            AngleKind.FullTurn => "a full turn",
            AngleKind.Acute or AngleKind.Obtuse => $"an {Adjective(kind)} angle",
            _ => $"a {Adjective(kind)} angle",
        };

    /// <summary>The range of a kind, as a comparison a class can see.</summary>
    public static string Compared(AngleKind kind) =>
        kind switch
        {
            AngleKind.Zero => "the arms lie on each other",
            AngleKind.Acute => "smaller than a right angle",
            AngleKind.Right => "exactly a right angle",
            AngleKind.Obtuse => "larger than a right angle, smaller than a straight one",
            AngleKind.Straight => "the arms make one straight line",
            AngleKind.Reflex => "larger than a straight angle",
            _ => "all the way round",
        };
}
