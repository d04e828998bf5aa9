using System.Globalization;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Files;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Demo;

/// <summary>
/// Fills an empty database with class 6 Heron of Gullwing Quay: a teacher, 24 students, one set done by most, one open. Sets
/// and answers are made by the core from one seed.
/// </summary>
public static class DemoData
{
    public const string UserName = "fenwick";
    public const string Password = "brass and blue ink";
    public const string ClassCode = "HERON6";

    private static readonly SetSpecification Done = new(
        [new KindCount("measure", 5), new KindCount("draw", 3)],
        Tilt: Tilt.Mixed,
        Arms: ArmLengths.Mixed,
        Theme: Theme.Harbour
    );

    private static readonly SetSpecification Open = new(
        [new KindCount("measure", 3), new KindCount("draw", 2)],
        Theme: Theme.Harbour
    );

    /// <summary>The demonstration PIN of a student: from the seed, so that it can be printed.</summary>
    public static string PinOf(int student) =>
        new SeededRandom(DemoClass.Seed, stream: 900 + student)
            .Below(10_000)
            .ToString("0000", CultureInfo.InvariantCulture);

    /// <summary>Fills the database if nobody is in it yet. Returns whether it did.</summary>
    public static async Task<bool> FillAsync(IServiceProvider services)
    {
        await using AsyncServiceScope scope = services.CreateAsyncScope();
        JauntyDbContext database = scope.ServiceProvider.GetRequiredService<JauntyDbContext>();
        // Of two that start at once one fills it. A database that somebody means to use stays empty.
        await using var transaction = await database.TurnOfSchool(default);
        if (await database.Users.AnyAsync() || await database.OneTimeLinks.AnyAsync())
        {
            return false;
        }
        UserManager<Teacher> teachers = scope.ServiceProvider.GetRequiredService<
            UserManager<Teacher>
        >();
        DateTimeOffset now = scope.ServiceProvider.GetRequiredService<TimeProvider>().GetUtcNow();
        await database.Schools.ExecuteUpdateAsync(s =>
            s.SetProperty(x => x.IsDemo, true).SetProperty(x => x.TeachersMayRegister, true)
        );
        var teacher = new Teacher
        {
            Id = Guid.CreateVersion7(),
            UserName = UserName,
            DisplayName = "M. Fenwick",
            IsHead = true,
        };
        IdentityResult made = await teachers.CreateAsync(teacher, Password);
        if (!made.Succeeded)
        {
            throw new InvalidOperationException(
                "The demonstration teacher could not be made: "
                    + string.Join(" ", made.Errors.Select(e => e.Description))
            );
        }
        SchoolClass heron = Class(
            teacher.Id,
            now,
            scope.ServiceProvider.GetRequiredService<IPasswordHasher<Student>>()
        );
        ExerciseSet done = Set(
            teacher.Id,
            "Harbour survey · both scales",
            Done,
            DemoClass.Seed,
            now.AddDays(-3)
        );
        ExerciseSet open = Set(
            teacher.Id,
            "Cranes and sails · a short round",
            Open,
            DemoClass.Seed + 1,
            now.AddHours(-1)
        );
        Assignment doneByMost = Give(done, heron, now.AddDays(-2));
        database.AddRange(heron, done, open, doneByMost, Give(open, heron, now.AddHours(-1)));
        AddAnswers(database, heron, done, doneByMost);
        await database.SaveChangesAsync();
        await transaction.CommitAsync();
        return true;
    }

    /// <summary>Prints the sign-ins that still hold: what a teacher has changed is not told.</summary>
    public static async Task PrintSignInsAsync(IServiceProvider services, TextWriter output)
    {
        await using AsyncServiceScope scope = services.CreateAsyncScope();
        JauntyDbContext database = scope.ServiceProvider.GetRequiredService<JauntyDbContext>();
        UserManager<Teacher> teachers = scope.ServiceProvider.GetRequiredService<
            UserManager<Teacher>
        >();
        IPasswordHasher<Student> hasher = scope.ServiceProvider.GetRequiredService<
            IPasswordHasher<Student>
        >();
        if (
            await teachers.FindByNameAsync(UserName) is Teacher teacher
            && await teachers.CheckPasswordAsync(teacher, Password)
        )
        {
            await output.WriteLineAsync(
                $"demo: Desk   user name {UserName}, password \"{Password}\""
            );
        }
        List<Student> students = await database
            .Classes.Where(c => c.Code == ClassCode)
            .SelectMany(c => c.Students)
            .AsNoTracking()
            .ToListAsync();
        foreach (int shown in new[] { 6, 22 })
        {
            (string name, string pin) = (DemoClass.Students[shown].Name, PinOf(shown));
            Student? student = students.Find(s => s.GivenName == name);
            if (
                student is not null
                && hasher.VerifyHashedPassword(student, student.PinHash, pin)
                    != PasswordVerificationResult.Failed
            )
            {
                await output.WriteLineAsync(
                    $"demo: Bench  class code {ClassCode}, name {name}, PIN {pin}"
                );
            }
        }
    }

    private static SchoolClass Class(
        Guid teacherId,
        DateTimeOffset now,
        IPasswordHasher<Student> hasher
    )
    {
        var heron = new SchoolClass
        {
            Id = Guid.CreateVersion7(),
            TeacherId = teacherId,
            Name = $"{DemoClass.Name} · Gullwing Quay",
            Code = ClassCode,
            CreatedAt = now.AddDays(-30),
        };
        for (int i = 0; i < DemoClass.Students.Count; i++)
        {
            string name = DemoClass.Students[i].Name;
            heron.Students.Add(
                new Student
                {
                    Id = Guid.CreateVersion7(),
                    GivenName = name,
                    NameKey = GivenNames.KeyOf(name),
                    PinHash = hasher.HashPassword(null!, PinOf(i)),
                }
            );
        }
        return heron;
    }

    private static ExerciseSet Set(
        Guid teacherId,
        string title,
        SetSpecification specification,
        int seed,
        DateTimeOffset at
    ) =>
        new()
        {
            Id = Guid.CreateVersion7(),
            TeacherId = teacherId,
            Title = title,
            Specification = specification,
            Seed = seed,
            GeneratorVersion = SetGenerator.Version,
            Items = [.. SetGenerator.Generate(specification, seed).Items.Select(i => i.Item)],
            ItemCount = specification.Count,
            CreatedAt = at,
        };

    private static Assignment Give(ExerciseSet set, SchoolClass to, DateTimeOffset at) =>
        new()
        {
            Id = Guid.CreateVersion7(),
            SetId = set.Id,
            ClassId = to.Id,
            Title = set.Title,
            Tries = 3,
            SetAt = at,
        };

    private static void AddAnswers(
        JauntyDbContext database,
        SchoolClass heron,
        ExerciseSet set,
        Assignment assignment
    )
    {
        var rules = new MarkingRules(set.Specification.Tolerance);
        for (int s = 0; s < heron.Students.Count; s++)
        {
            SimulatedStudent simulated = DemoClass.Students[s];
            if (DemoClass.Away.Contains(simulated.Name))
            {
                continue;
            }
            var random = new SeededRandom(DemoClass.Seed, stream: s);
            var answers = new List<Answer>();
            for (int i = 0; i < set.Items.Count; i++)
            {
                answers.Add(
                    new Answer
                    {
                        Id = Guid.CreateVersion7(),
                        AssignmentId = assignment.Id,
                        StudentId = heron.Students[s].Id,
                        ItemIndex = i,
                        Try = 1,
                        Response = ExerciseKinds
                            .Of(set.Items[i])
                            .Attempt(set.Items[i], simulated, random),
                        ReceivedAt = assignment
                            .SetAt.AddMinutes(4 + 2 * i)
                            .AddSeconds(random.Below(90)),
                    }
                );
            }
            // Marked as those are that are handed in: each in the light of those before it.
            IEnumerable<Mark> marks = Remarking.Of(
                answers.Select(a => new Remarking.Again(
                    set.Items[a.ItemIndex],
                    a.Response,
                    a.ItemIndex,
                    a.Try
                )),
                rules
            );
            foreach ((Answer answer, Mark mark) in answers.Zip(marks))
            {
                answer.Marks.Add(
                    new AnswerMark
                    {
                        AnswerId = answer.Id,
                        MarkerVersion = mark.MarkerVersion,
                        Mark = mark,
                    }
                );
            }
            database.AddRange(answers);
        }
    }
}
