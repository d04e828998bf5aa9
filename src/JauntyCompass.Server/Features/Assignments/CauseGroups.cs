using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Storage;

namespace JauntyCompass.Server.Features.Assignments;

/// <summary>One nameless answer of a member of the group at which a cause showed.</summary>
/// <param name="ItemIndex">Place of the item in the set.</param>
/// <param name="Asked">The true measure, in degrees.</param>
/// <param name="Answered">What came back, in degrees; null for a drawing in which the mistake is seen and not measured.</param>
/// <param name="Demonstration">Key of the demonstration that teaches it: a replay of the mistake where it can be shown.</param>
/// <param name="Angle">The angle it is shown on.</param>
/// <param name="InstrumentId">The instrument it is shown with.</param>
/// <param name="Placement">How the instrument lay at that answer, or null when that is not known.</param>
public sealed record CauseExample(
    int ItemIndex,
    double Asked,
    double? Answered,
    string Demonstration,
    Angle Angle,
    string InstrumentId,
    Placement? Placement
);

/// <summary>Students with the same likely cause.</summary>
/// <param name="Cause">Key of the mistake, or not-explained.</param>
/// <param name="Name">Its name.</param>
/// <param name="Students">Their names.</param>
/// <param name="Example">An answer of one of them at which it showed; null when none can be shown.</param>
public sealed record CauseGroup(
    string Cause,
    Message Name,
    IReadOnlyList<string> Students,
    CauseExample? Example
);

/// <summary>Whom to teach what again: students by the likely cause of what went wrong.</summary>
internal static class CauseGroups
{
    // A cause must weigh as much as one whole answer before a student is put into its group.
    private const double GroupedFrom = 1;

    // One answer that nobody can explain is no news among many that are right; of a student who gets this share wrong it is.
    private const double UnexplainedFrom = 1.0 / 3;

    /// <summary>The groups, the largest first.</summary>
    /// <param name="students">The students' rows.</param>
    /// <param name="answers">All answers with their marks.</param>
    /// <param name="set">The set that was answered.</param>
    internal static List<CauseGroup> Of(
        IReadOnlyList<StudentResult> students,
        IReadOnlyList<Answer> answers,
        ExerciseSet set
    ) =>
        [
            .. students
                .Where(IsGrouped)
                .GroupBy(s => s.Progress.LikelyCause!)
                .OrderByDescending(g => g.Count())
                .ThenBy(g => g.Key, StringComparer.Ordinal)
                .Select(g =>
                {
                    HashSet<Guid> members = [.. g.Select(s => s.StudentId)];
                    return new CauseGroup(
                        g.Key,
                        MistakeCatalogue.NameOf(g.Key),
                        [.. g.Select(s => s.GivenName)],
                        Example(g.Key, answers.Where(a => members.Contains(a.StudentId)), set)
                    );
                }),
        ];

    private static bool IsGrouped(StudentResult student)
    {
        (int answered, int accepted, string? cause, double weight) = student.Progress;
        return cause is not null
            && weight >= GroupedFrom
            && (
                cause != Diagnosis.NotExplained || answered - accepted >= answered * UnexplainedFrom
            );
    }

    private static CauseExample? Example(
        string cause,
        IEnumerable<Answer> answers,
        ExerciseSet set
    ) =>
        answers
            .OrderBy(a => a.ItemIndex)
            .Select(a => (Answer: a, Mark: a.NewestMark()))
            .Where(a => a.Mark.LikelyCause == cause)
            .Select(a => ExampleOf(cause, set, a.Answer, a.Mark))
            .FirstOrDefault(e => e is not null);

    private static CauseExample? ExampleOf(string cause, ExerciseSet set, Answer answer, Mark mark)
    {
        Item item = set.ItemsOf(answer.StudentId)[answer.ItemIndex];
        bool isDrawn = MistakeCatalogue.DrawingOnly.Any(m => m.Key == cause);
        if (
            ExerciseKinds.Of(item).Work(item, HouseRules.Usual) is not WorkedExample work
            || (!isDrawn && mark is not { Value: not null, Error: not null })
        )
        {
            return null;
        }
        double? answered = isDrawn ? null : Math.Round(mark.Value!.Value, 1);
        return new CauseExample(
            answer.ItemIndex,
            isDrawn
                ? work.Task.Angle.Measure.Degrees
                : Math.Round(mark.Value!.Value - mark.Error!.Value, 1),
            answered,
            Demonstrated(cause, work.Task) ?? work.Key,
            work.Task.Angle,
            work.Task.Instrument.Id,
            (answer.Response as MeasureResponse)?.Placement
        );
    }

    // Made again on the sheet where it shows at this angle, else told of.
    private static string? Demonstrated(string cause, DemonstrationTask task) =>
        new[] { "wrong-" + cause, "drawn-" + cause, MistakeCatalogue.Find(cause)?.Demonstration }
            .Select(DemonstrationCatalogue.Find)
            .OfType<Demonstration>()
            .FirstOrDefault(shown =>
            {
                var errors = new ValidationErrors();
                shown.Validate(task, errors);
                return errors.None;
            })
            ?.Key;
}
