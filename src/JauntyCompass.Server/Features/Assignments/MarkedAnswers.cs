using JauntyCompass.Core.Marking;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Assignments;

/// <summary>Answers with their marks, as they are read again.</summary>
internal static class MarkedAnswers
{
    /// <summary>All answers to a set that was given, item by item and try by try.</summary>
    internal static IQueryable<Answer> MarkedAnswersTo(
        this JauntyDbContext database,
        Guid assignmentId
    ) =>
        database
            .Answers.AsNoTracking()
            .Where(a => a.AssignmentId == assignmentId)
            .Include(a => a.Marks)
            .OrderBy(a => a.ItemIndex)
            .ThenBy(a => a.Try);

    /// <summary>The mark that counts: that of the newest marker.</summary>
    internal static Mark NewestMark(this Answer answer) =>
        answer.Marks.MaxBy(m => m.MarkerVersion)!.Mark;
}
