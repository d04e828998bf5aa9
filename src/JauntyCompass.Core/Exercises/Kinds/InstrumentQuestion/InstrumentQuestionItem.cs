using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Exercises.Kinds.InstrumentQuestion;

/// <summary>A short question on the instrument.</summary>
/// <param name="Prompt">The question.</param>
/// <param name="Right">The right answer.</param>
/// <param name="Wrong">Other answers; 1 to 4.</param>
/// <param name="Order">In which order they are shown: places in the list of the right one, then the wrong ones.</param>
public sealed record InstrumentQuestionItem(
    string Prompt,
    string Right,
    IReadOnlyList<string> Wrong,
    IReadOnlyList<int> Order
) : Item(Prompt)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Text("right", Right, 1, 160);
        if (errors.Count("wrong", Wrong, 1, 4))
        {
            for (int i = 0; i < Wrong.Count; i++)
            {
                errors.Text($"wrong[{i}]", Wrong[i], 1, 160);
            }
            if (Order is null || !Order.Order().SequenceEqual(Enumerable.Range(0, Wrong.Count + 1)))
            {
                errors.Add("order", "must name every answer once, from 0.");
            }
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
        if (Picked is not ("0" or "1" or "2" or "3" or "4"))
        {
            errors.Add("picked", "must be the place of one of the answers, from 0.");
        }
    }
}
