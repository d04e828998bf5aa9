using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An answer handed in.</summary>
/// <param name="Id">Made by the browser; the same answer sent twice carries the same id and is stored once.</param>
/// <param name="ItemIndex">Place of the item in the set, from 0.</param>
/// <param name="Response">The response.</param>
/// <param name="AnsweredAt">When it was made by the browser's clock, or left out.</param>
/// <param name="StudentId">Who made it; where somebody else is signed in by now, it is not taken for theirs. Left out: whoever is signed in.</param>
public sealed record AnswerRequest(
    Guid Id,
    int ItemIndex,
    Response Response,
    DateTimeOffset? AnsweredAt = null,
    Guid? StudentId = null
) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        if (Id == Guid.Empty)
        {
            errors.Add("id", Text.Validation.OwnUuid);
        }
        errors.Range(
            "itemIndex",
            ItemIndex,
            0,
            Core.Exercises.Generation.SetSpecification.MostItems - 1
        );
        errors.Within("response", Response);
    }
}

/// <summary>A mark as the student sees it: without what would give the answer away.</summary>
/// <param name="Verdict">What became of it.</param>
/// <param name="Feedback">What happened and what to do next.</param>
/// <param name="Picture">A picture of what happened, or null.</param>
/// <param name="Value">What the answer came to, in degrees.</param>
public sealed record StudentMark(
    Verdict Verdict,
    Feedback Feedback,
    MarkPicture? Picture,
    double? Value
)
{
    internal static StudentMark Of(Mark mark) =>
        new(mark.Verdict, mark.Feedback, mark.Picture, mark.Value);
}

/// <summary>An answer the student gave before, with its mark.</summary>
/// <param name="Id">Its id.</param>
/// <param name="ItemIndex">Place of the item.</param>
/// <param name="Try">Which try, from 1.</param>
/// <param name="TriesLeft">How many tries are left at this item after it.</param>
/// <param name="Response">What was handed in.</param>
/// <param name="Mark">Its mark.</param>
public sealed record BenchAnswerReply(
    Guid Id,
    int ItemIndex,
    int Try,
    int TriesLeft,
    Response Response,
    StudentMark Mark
);

/// <summary>An answer that was handed in just now, marked; what was handed in is not sent back.</summary>
/// <param name="Id">Its id.</param>
/// <param name="ItemIndex">Place of the item.</param>
/// <param name="Try">Which try, from 1.</param>
/// <param name="TriesLeft">How many tries are left at this item after it.</param>
/// <param name="Mark">Its mark.</param>
public sealed record HandedInReply(
    Guid Id,
    int ItemIndex,
    int Try,
    int TriesLeft,
    StudentMark Mark
);

/// <summary>A set in the student's list.</summary>
public sealed record BenchListReply(Guid Id, string Title, int Items, int Answered, bool Closed);

/// <summary>A set to work on, with all that was answered so far.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Tries">How often each item may be answered.</param>
/// <param name="AdaptiveLimit">The most items that are asked, each chosen for the student; null: all, in order.</param>
/// <param name="Rules">How the class does things, and in which words.</param>
/// <param name="Closed">Whether no more answers are taken.</param>
/// <param name="Items">The items as they lie before the student.</param>
/// <param name="Answers">What was answered so far.</param>
/// <param name="Drafts">What lies there and is not handed in yet.</param>
/// <param name="Reflection">The look back, or null.</param>
public sealed record BenchReply(
    Guid Id,
    string Title,
    int Tries,
    int? AdaptiveLimit,
    HouseRules Rules,
    bool Closed,
    IReadOnlyList<SeenItem> Items,
    IReadOnlyList<BenchAnswerReply> Answers,
    IReadOnlyList<BenchDraftReply> Drafts,
    ReflectionReply? Reflection
);
