using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Features.Accounts.Passwords;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Features.Demo;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>What belongs to a teacher, and would go with them.</summary>
/// <param name="Classes">Classes.</param>
/// <param name="Students">Students in them.</param>
/// <param name="Sets">Sets.</param>
/// <param name="Answers">Answers of those students.</param>
/// <param name="Instruments">Instruments in the cabinet.</param>
/// <param name="RunningOrders">Running orders of lessons.</param>
public sealed record Belongings(
    int Classes,
    int Students,
    int Sets,
    int Answers,
    int Instruments,
    int RunningOrders
);

/// <summary>Teachers' accounts: made, changed and removed in one way, from the pages and from the command line.</summary>
public sealed class TeacherAccounts(
    JauntyDbContext database,
    UserManager<Teacher> teachers,
    Sessions sessions,
    Tries tries,
    SharedCache cache
)
{
    /// <summary>More teachers than any school has.</summary>
    public const int Most = 500;

    /// <summary>Makes an account. What is wrong with it is added to the errors, and then nothing is made.</summary>
    public async Task<Teacher?> Make(
        string userName,
        string displayName,
        string password,
        bool head,
        ValidationErrors errors,
        CancellationToken cancellation
    )
    {
        if (PasswordFault(password, userName, displayName) is Message fault)
        {
            errors.Add("password", fault);
            return null;
        }
        if (await database.Users.CountAsync(cancellation) >= Most)
        {
            errors.Add("userName", Text.Validation.Account.TooMany(Most));
            return null;
        }
        var teacher = new Teacher
        {
            Id = Guid.CreateVersion7(),
            UserName = userName.Trim(),
            DisplayName = displayName.Trim(),
            IsHead = head,
        };
        IdentityResult made = await teachers.CreateAsync(teacher, password);
        if (made.Succeeded)
        {
            return teacher;
        }
        foreach (IdentityError error in made.Errors)
        {
            errors.Add("userName", Explain(error));
        }
        return null;
    }

    /// <summary>A teacher by user name, or none.</summary>
    public Task<Teacher?> Find(string userName) => teachers.FindByNameAsync(userName.Trim());

    /// <summary>Whether a password is a teacher's; without a teacher it takes as long, and is wrong.</summary>
    public async Task<bool> Matches(Teacher? teacher, string password)
    {
        if (teacher is null)
        {
            teachers.PasswordHasher.VerifyHashedPassword(
                null!,
                _nobodysHash ??= teachers.PasswordHasher.HashPassword(null!, Secret.New()),
                password
            );
            return false;
        }
        return await teachers.CheckPasswordAsync(teacher, password);
    }

    /// <summary>Gives a teacher a new password and ends their sessions, but perhaps this one.</summary>
    public async Task SetPassword(
        Teacher teacher,
        string password,
        string? butSession,
        ValidationErrors errors,
        CancellationToken cancellation
    )
    {
        if (PasswordFault(password, teacher.UserName!, teacher.DisplayName) is Message fault)
        {
            errors.Add("password", fault);
            return;
        }
        teacher.PasswordHash = teachers.PasswordHasher.HashPassword(teacher, password);
        await teachers.UpdateSecurityStampAsync(teacher);
        await sessions.EndAll(teacher.Id, butSession, cancellation);
        await tries.Clear(Tries.TeacherSubject(teacher.UserName!), cancellation);
    }

    /// <summary>Makes a teacher a head, or no longer one. Whether that can be: one head must stay.</summary>
    public async Task<bool> SetHead(Guid teacherId, bool head, CancellationToken cancellation)
    {
        // Two heads who remove each other at the same moment must not both succeed.
        await using var transaction = await database.TurnOfSchool(cancellation);
        if (!head && await IsOnlyHead(teacherId, cancellation))
        {
            return false;
        }
        await cache.Change(
            database,
            [Part.Person(teacherId)],
            () =>
                database
                    .Users.Where(t => t.Id == teacherId)
                    .ExecuteUpdateAsync(t => t.SetProperty(x => x.IsHead, head), cancellation),
            cancellation
        );
        await transaction.CommitAsync(cancellation);
        cache.Forget(Part.Person(teacherId));
        return true;
    }

    /// <summary>What would go with a teacher who is removed.</summary>
    public async Task<Belongings> BelongingsOf(Guid teacherId, CancellationToken cancellation)
    {
        IQueryable<SchoolClass> classes = database.Classes.Where(c => c.TeacherId == teacherId);
        IQueryable<Guid> students = classes.SelectMany(c => c.Students).Select(s => s.Id);
        return new Belongings(
            await classes.CountAsync(cancellation),
            await students.CountAsync(cancellation),
            await database.Sets.CountAsync(s => s.TeacherId == teacherId, cancellation),
            await database.Answers.CountAsync(a => students.Contains(a.StudentId), cancellation),
            await database.Cabinet.CountAsync(c => c.TeacherId == teacherId, cancellation),
            await database.RunningOrders.CountAsync(o => o.TeacherId == teacherId, cancellation)
        );
    }

    /// <summary>Removes a teacher for good. Classes and sets go to somebody else, or with them. Whether that can be: one head must stay.</summary>
    public async Task<bool> Remove(Guid teacherId, Guid? heir, CancellationToken cancellation)
    {
        // Two heads who remove each other at the same moment must not both succeed.
        await using var transaction = await database.TurnOfSchool(cancellation);
        if (await IsOnlyHead(teacherId, cancellation))
        {
            return false;
        }
        if (heir is Guid to)
        {
            await database
                .CoTeachers.Where(c =>
                    c.TeacherId == to
                    && database.Classes.Any(x => x.Id == c.ClassId && x.TeacherId == teacherId)
                )
                .ExecuteDeleteAsync(cancellation);
            await database
                .Classes.IgnoreQueryFilters()
                .Where(c => c.TeacherId == teacherId)
                .ExecuteUpdateAsync(c => c.SetProperty(x => x.TeacherId, to), cancellation);
            await database
                .Sets.IgnoreQueryFilters()
                .Where(s => s.TeacherId == teacherId)
                .ExecuteUpdateAsync(s => s.SetProperty(x => x.TeacherId, to), cancellation);
        }
        // Whoever is signed in to a class that goes is not any more.
        string[] parts =
        [
            Part.Person(teacherId),
            .. (
                await database
                    .Classes.Where(c => c.TeacherId == teacherId)
                    .Select(c => c.Id)
                    .ToListAsync(cancellation)
            ).Select(Part.Class),
        ];
        await cache.Change(
            database,
            parts,
            () => database.Users.Where(t => t.Id == teacherId).ExecuteDeleteAsync(cancellation),
            cancellation
        );
        await transaction.CommitAsync(cancellation);
        foreach (string part in parts)
        {
            cache.Forget(part);
        }
        return true;
    }

    /// <summary>Hands a class over to another teacher; whoever had it teaches it no longer.</summary>
    public Task HandOver(SchoolClass given, Guid to, CancellationToken cancellation)
    {
        given.TeacherId = to;
        given.CoTeachers.RemoveAll(c => c.TeacherId == to);
        return database.SaveChangesAsync(cancellation);
    }

    private static string? _nobodysHash;

    // The made-up teacher's password is published.
    private static Message? PasswordFault(string password, params string[] names) =>
        password == DemoData.Password
            ? Text.Validation.Account.PasswordCommon
            : PasswordRules.FaultOf(password, names);

    private Task<bool> IsOnlyHead(Guid teacherId, CancellationToken cancellation) =>
        database.Users.AllAsync(t => !t.IsHead || t.Id == teacherId, cancellation);

    private static Message Explain(IdentityError error) =>
        error.Code switch
        {
            nameof(IdentityErrorDescriber.DuplicateUserName) => Text.Validation
                .Account
                .UserNameTaken,
            nameof(IdentityErrorDescriber.InvalidUserName) => Text.Validation
                .Account
                .UserNameLetters,
            _ => Text.Validation.Unreadable,
        };
}
