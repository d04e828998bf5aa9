namespace JauntyCompass.Server.Storage;

/// <summary>Who may see what: the one place that says so.</summary>
public static class Taught
{
    /// <summary>The classes that a teacher teaches: their own, and those they share.</summary>
    public static IQueryable<SchoolClass> ClassesOf(
        this JauntyDbContext database,
        Guid teacherId
    ) =>
        database.Classes.Where(c =>
            c.TeacherId == teacherId || c.CoTeachers.Any(t => t.TeacherId == teacherId)
        );

    /// <summary>What is given to the classes that a teacher teaches.</summary>
    public static IQueryable<Assignment> AssignmentsOf(
        this JauntyDbContext database,
        Guid teacherId
    ) =>
        database.Assignments.Where(a =>
            a.Class!.TeacherId == teacherId || a.Class.CoTeachers.Any(t => t.TeacherId == teacherId)
        );

    /// <summary>A student of a class that a teacher teaches.</summary>
    public static IQueryable<Student> StudentOf(
        this JauntyDbContext database,
        Guid teacherId,
        Guid classId,
        Guid studentId
    ) =>
        database
            .ClassesOf(teacherId)
            .Where(c => c.Id == classId)
            .SelectMany(c => c.Students)
            .Where(s => s.Id == studentId);

    /// <summary>The sets that a teacher has made.</summary>
    public static IQueryable<ExerciseSet> SetsOf(this JauntyDbContext database, Guid teacherId) =>
        database.Sets.Where(s => s.TeacherId == teacherId);
}
