using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Files;

/// <summary>One answer with its marks. Whose it is, is a number and no name.</summary>
/// <param name="Student">Number of the student in this file, from 1.</param>
/// <param name="ItemIndex">Place of the item, from 0.</param>
/// <param name="Try">Which try at it, from 1.</param>
/// <param name="Order">Which of the student's answers it is, in the order they came in, from 1.</param>
/// <param name="Item">The item with this student's own numbers.</param>
/// <param name="Response">What was handed in.</param>
/// <param name="Marks">Its marks, one for each marker that has marked it, the oldest first.</param>
public sealed record AnswerInFile(
    int Student,
    int ItemIndex,
    int Try,
    int Order,
    Item Item,
    Response Response,
    IReadOnlyList<Mark> Marks
) : IValidatable
{
    private const int MostStudents = 1000;
    private const int MostTries = 9;
    private const int MostMarks = 100;

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Range("student", Student, 1, MostStudents);
        errors.Range("itemIndex", ItemIndex, 0, SetSpecification.MostItems - 1);
        errors.Range("try", Try, 1, MostTries);
        errors.Range("order", Order, 1, SetSpecification.MostItems * MostTries);
        errors.Within("item", Item);
        errors.Within("response", Response);
        if (
            Item is not null
            && Response is not null
            && ExerciseKinds.Of(Item) != ExerciseKinds.Of(Response)
        )
        {
            errors.Add("response.kind", Text.Validation.KindOfItem(ExerciseKinds.Of(Item).Key));
        }
        if (errors.Count("marks", Marks, 0, MostMarks))
        {
            for (int i = 0; i < Marks.Count; i++)
            {
                // That of what is estimated by eye is wider than any that a teacher sets.
                errors.Range(
                    $"marks[{i}].tolerance",
                    Marks[i].Tolerance,
                    0,
                    Estimate.Good,
                    Unit.Degrees
                );
                errors.Range(
                    $"marks[{i}].markerVersion",
                    Marks[i].MarkerVersion,
                    1,
                    MarkingRules.Version
                );
            }
        }
    }
}

/// <summary>What a class answered, with its marks, as a file without names.</summary>
/// <param name="Format">Always <c>jaunty-answers</c>.</param>
/// <param name="Version">2.</param>
/// <param name="Title">Title of the set.</param>
/// <param name="Tolerance">Tolerance in degrees, 0 to 10.</param>
/// <param name="Answers">The answers.</param>
public sealed record AnswersFile(
    string Format,
    int Version,
    string Title,
    double Tolerance,
    IReadOnlyList<AnswerInFile> Answers
) : IValidatable
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "jaunty-answers";

    /// <summary>The version that this code writes; it reads all before it, too.</summary>
    public const int CurrentVersion = OlderForms.Newest;

    /// <summary>The longest file that is read, in characters.</summary>
    public const int LongestText = 60_000_000;

    private const int MostAnswers = 20_000;

    /// <summary>A file of answers.</summary>
    public static AnswersFile Of(
        string title,
        double tolerance,
        IReadOnlyList<AnswerInFile> answers
    ) => new(FormatName, CurrentVersion, title, tolerance, answers);

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        JsonFile.CheckFormat(errors, (FormatName, CurrentVersion), Format, Version);
        errors.Text("title", Title, 1, 120);
        errors.Range("tolerance", Tolerance, 0, 10, Unit.Degrees);
        errors.Each("answers", Answers, 0, MostAnswers);
        if (!errors.None)
        {
            return;
        }
        // So no student has more answers than a set has tries, and marking each in the light of those before it stays bounded.
        var known = new HashSet<(int, int, int)>();
        for (int i = 0; i < Answers.Count; i++)
        {
            if (!known.Add((Answers[i].Student, Answers[i].ItemIndex, Answers[i].Try)))
            {
                errors.Add($"answers[{i}].try", Text.Validation.File.Twice);
            }
        }
    }
}
