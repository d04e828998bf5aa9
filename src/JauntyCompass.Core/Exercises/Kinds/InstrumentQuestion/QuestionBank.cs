using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.InstrumentQuestion;

/// <summary>A wrong answer to a short question, with what helps whoever gives it.</summary>
/// <param name="Answer">The answer.</param>
/// <param name="Why">Why it is not that.</param>
internal sealed record WrongAnswer(Message Answer, Message Why);

/// <summary>A short question on the instrument.</summary>
/// <param name="Key">Short unique name; items carry it.</param>
/// <param name="Question">The question.</param>
/// <param name="Right">The right answer.</param>
/// <param name="Wrong">Three wrong ones.</param>
internal sealed record ShortQuestion(
    string Key,
    Message Question,
    Message Right,
    IReadOnlyList<WrongAnswer> Wrong
);

/// <summary>All short questions: what the instrument is for, why two scales, how it is done.</summary>
internal static class QuestionBank
{
    internal static IReadOnlyList<ShortQuestion> All { get; } =
    [
        new(
            "measures",
            Text.Kinds.InstrumentQuestion.Measures.Question,
            Text.Kinds.InstrumentQuestion.Measures.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.Measures.Wrong1,
                    Text.Kinds.InstrumentQuestion.Measures.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.Measures.Wrong2,
                    Text.Kinds.InstrumentQuestion.Measures.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.Measures.Wrong3,
                    Text.Kinds.InstrumentQuestion.Measures.Why3
                ),
            ]
        ),
        new(
            "two-scales",
            Text.Kinds.InstrumentQuestion.TwoScales.Question,
            Text.Kinds.InstrumentQuestion.TwoScales.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.TwoScales.Wrong1,
                    Text.Kinds.InstrumentQuestion.TwoScales.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.TwoScales.Wrong2,
                    Text.Kinds.InstrumentQuestion.TwoScales.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.TwoScales.Wrong3,
                    Text.Kinds.InstrumentQuestion.TwoScales.Why3
                ),
            ]
        ),
        new(
            "on-the-vertex",
            Text.Kinds.InstrumentQuestion.OnTheVertex.Question,
            Text.Kinds.InstrumentQuestion.OnTheVertex.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.OnTheVertex.Wrong1,
                    Text.Kinds.InstrumentQuestion.OnTheVertex.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.OnTheVertex.Wrong2,
                    Text.Kinds.InstrumentQuestion.OnTheVertex.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.OnTheVertex.Wrong3,
                    Text.Kinds.InstrumentQuestion.OnTheVertex.Why3
                ),
            ]
        ),
        new(
            "on-the-first-arm",
            Text.Kinds.InstrumentQuestion.OnTheFirstArm.Question,
            Text.Kinds.InstrumentQuestion.OnTheFirstArm.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.OnTheFirstArm.Wrong1,
                    Text.Kinds.InstrumentQuestion.OnTheFirstArm.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.OnTheFirstArm.Wrong2,
                    Text.Kinds.InstrumentQuestion.OnTheFirstArm.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.OnTheFirstArm.Wrong3,
                    Text.Kinds.InstrumentQuestion.OnTheFirstArm.Why3
                ),
            ]
        ),
        new(
            "where-counting-begins",
            Text.Kinds.InstrumentQuestion.WhereCountingBegins.Question,
            Text.Kinds.InstrumentQuestion.WhereCountingBegins.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.WhereCountingBegins.Wrong1,
                    Text.Kinds.InstrumentQuestion.WhereCountingBegins.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.WhereCountingBegins.Wrong2,
                    Text.Kinds.InstrumentQuestion.WhereCountingBegins.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.WhereCountingBegins.Wrong3,
                    Text.Kinds.InstrumentQuestion.WhereCountingBegins.Why3
                ),
            ]
        ),
        new(
            "short-arm",
            Text.Kinds.InstrumentQuestion.ShortArm.Question,
            Text.Kinds.InstrumentQuestion.ShortArm.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.ShortArm.Wrong1,
                    Text.Kinds.InstrumentQuestion.ShortArm.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.ShortArm.Wrong2,
                    Text.Kinds.InstrumentQuestion.ShortArm.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.ShortArm.Wrong3,
                    Text.Kinds.InstrumentQuestion.ShortArm.Why3
                ),
            ]
        ),
        new(
            "two-scales-together",
            Text.Kinds.InstrumentQuestion.TwoScalesTogether.Question,
            Text.Kinds.InstrumentQuestion.TwoScalesTogether.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.TwoScalesTogether.Wrong1,
                    Text.Kinds.InstrumentQuestion.TwoScalesTogether.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.TwoScalesTogether.Wrong2,
                    Text.Kinds.InstrumentQuestion.TwoScalesTogether.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.TwoScalesTogether.Wrong3,
                    Text.Kinds.InstrumentQuestion.TwoScalesTogether.Why3
                ),
            ]
        ),
        new(
            "two-readings",
            Text.Kinds.InstrumentQuestion.TwoReadings.Question,
            Text.Kinds.InstrumentQuestion.TwoReadings.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.TwoReadings.Wrong1,
                    Text.Kinds.InstrumentQuestion.TwoReadings.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.TwoReadings.Wrong2,
                    Text.Kinds.InstrumentQuestion.TwoReadings.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.TwoReadings.Wrong3,
                    Text.Kinds.InstrumentQuestion.TwoReadings.Why3
                ),
            ]
        ),
        new(
            "right-angle-mark",
            Text.Kinds.InstrumentQuestion.RightAngleMark.Question,
            Text.Kinds.InstrumentQuestion.RightAngleMark.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.RightAngleMark.Wrong1,
                    Text.Kinds.InstrumentQuestion.RightAngleMark.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.RightAngleMark.Wrong2,
                    Text.Kinds.InstrumentQuestion.RightAngleMark.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.RightAngleMark.Wrong3,
                    Text.Kinds.InstrumentQuestion.RightAngleMark.Why3
                ),
            ]
        ),
        new(
            "one-degree",
            Text.Kinds.InstrumentQuestion.OneDegree.Question,
            Text.Kinds.InstrumentQuestion.OneDegree.Right,
            [
                new(
                    Text.Kinds.InstrumentQuestion.OneDegree.Wrong1,
                    Text.Kinds.InstrumentQuestion.OneDegree.Why1
                ),
                new(
                    Text.Kinds.InstrumentQuestion.OneDegree.Wrong2,
                    Text.Kinds.InstrumentQuestion.OneDegree.Why2
                ),
                new(
                    Text.Kinds.InstrumentQuestion.OneDegree.Wrong3,
                    Text.Kinds.InstrumentQuestion.OneDegree.Why3
                ),
            ]
        ),
    ];

    /// <summary>The question of a key, or null.</summary>
    internal static ShortQuestion? Find(string? key) => All.FirstOrDefault(q => q.Key == key);
}
