using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.InstrumentQuestion;

/// <summary>A short question on the instrument.</summary>
/// <param name="Prompt">The question.</param>
/// <param name="Question">Key of the question.</param>
/// <param name="Order">In which order its answers are shown: places in the list of the right one, then the wrong ones.</param>
public sealed record InstrumentQuestionItem(
    Message Prompt,
    string Question,
    IReadOnlyList<int> Order
) : Item(Prompt)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        if (
            errors.OneOf("question", Question, QuestionBank.All.Select(q => q.Key))
            && QuestionBank.Find(Question) is ShortQuestion question
            && (
                Order is null
                || !Order.Order().SequenceEqual(Enumerable.Range(0, question.Wrong.Count + 1))
            )
        )
        {
            errors.Add("order", Text.Validation.Item.EveryAnswerOnce);
        }
    }
}

/// <summary>The answer that a student picks.</summary>
/// <param name="Picked">Its place in the list of the right one, then the wrong ones, as text.</param>
public sealed record InstrumentQuestionResponse(string Picked) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        if (Picked is not ("0" or "1" or "2" or "3"))
        {
            errors.Add("picked", Text.Validation.OneOf("0, 1, 2, 3"));
        }
    }
}
