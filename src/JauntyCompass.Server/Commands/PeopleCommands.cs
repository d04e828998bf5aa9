using System.CommandLine;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Commands;

/// <summary>Looking after accounts from the server: for when nobody can sign in who could do it at the Desk.</summary>
public static class PeopleCommands
{
    /// <summary>The commands.</summary>
    public static IEnumerable<Command> All()
    {
        var people = new Command("people", "Teachers' accounts.")
        {
            List(),
            Invite(),
            NewPassword(),
            SignOut(),
            Head(),
            HandOver(),
            Remove(),
        };
        yield return FirstHead();
        yield return people;
    }

    private static Argument<string> User(string name, string what) =>
        new(name) { Description = what };

    private static Command FirstHead()
    {
        var command = new Command(
            "first-head",
            "Prints the one-time address at which the first head teacher makes their account; nothing once there is one."
        );
        command.SetAction(
            (_, cancellation) =>
                CommandLine.With(async services =>
                {
                    JauntyDbContext database = services.GetRequiredService<JauntyDbContext>();
                    if (await database.Users.AnyAsync(t => t.IsHead, cancellation))
                    {
                        return 0;
                    }
                    // The one before is not known any more; a new one takes its place.
                    await database
                        .OneTimeLinks.Where(l => l.ForHead)
                        .ExecuteDeleteAsync(cancellation);
                    return await WriteAddress(services, LinkPurpose.Invitation, null, true);
                })
        );
        return command;
    }

    private static Command List()
    {
        var command = new Command("list", "All teachers.");
        command.SetAction(
            (_, cancellation) =>
                CommandLine.With(async services =>
                {
                    JauntyDbContext database = services.GetRequiredService<JauntyDbContext>();
                    foreach (
                        Teacher teacher in await database
                            .Users.OrderBy(t => t.UserName)
                            .ToListAsync(cancellation)
                    )
                    {
                        await Console.Out.WriteLineAsync(
                            $"{teacher.UserName}\t{teacher.DisplayName}{(teacher.IsHead ? "\thead" : "")}"
                        );
                    }
                    return 0;
                })
        );
        return command;
    }

    private static Command Invite()
    {
        var head = new Option<bool>("--head")
        {
            Description = "They look after the accounts of the school, too.",
        };
        var command = new Command(
            "invite",
            "Prints an address at which a new teacher makes their account."
        )
        {
            head,
        };
        command.SetAction(parsed =>
            CommandLine.With(services =>
                WriteAddress(services, LinkPurpose.Invitation, null, parsed.GetValue(head))
            )
        );
        return command;
    }

    private static Command NewPassword()
    {
        Argument<string> user = User("user", "User name of the teacher.");
        var command = new Command(
            "reset",
            "Prints an address at which a teacher chooses a new password."
        )
        {
            user,
        };
        command.SetAction(parsed =>
            WithTeacher(
                parsed.GetRequiredValue(user),
                (services, teacher) =>
                    WriteAddress(services, LinkPurpose.NewPassword, teacher.Id, false)
            )
        );
        return command;
    }

    private static Command SignOut()
    {
        Argument<string> user = User("user", "User name of the teacher.");
        var command = new Command("sign-out", "Signs a teacher out everywhere.") { user };
        command.SetAction(
            (parsed, cancellation) =>
                WithTeacher(
                    parsed.GetRequiredValue(user),
                    async (services, teacher) =>
                    {
                        await services
                            .GetRequiredService<Sessions>()
                            .EndAll(teacher.Id, null, cancellation);
                        return await Done($"{teacher.UserName} is signed out everywhere.");
                    }
                )
        );
        return command;
    }

    private static Command Head()
    {
        Argument<string> user = User("user", "User name of the teacher.");
        var no = new Option<bool>("--no") { Description = "No longer." };
        var command = new Command("head", "Lets a teacher look after the accounts of the school.")
        {
            user,
            no,
        };
        command.SetAction(
            (parsed, cancellation) =>
                WithTeacher(
                    parsed.GetRequiredValue(user),
                    async (services, teacher) =>
                        await services
                            .GetRequiredService<TeacherAccounts>()
                            .SetHead(teacher.Id, !parsed.GetValue(no), cancellation)
                            ? await Done("Done.")
                            : await OnlyHead()
                )
        );
        return command;
    }

    private static Command HandOver()
    {
        Argument<string> code = User("class", "Code of the class.");
        Argument<string> user = User("to", "User name of the teacher who gets it.");
        var command = new Command("hand-over", "Hands a class over to another teacher.")
        {
            code,
            user,
        };
        command.SetAction(
            (parsed, cancellation) =>
                WithTeacher(
                    parsed.GetRequiredValue(user),
                    async (services, teacher) =>
                    {
                        string wanted = parsed.GetRequiredValue(code).ToUpperInvariant();
                        SchoolClass? found = await services
                            .GetRequiredService<JauntyDbContext>()
                            .Classes.Include(c => c.CoTeachers)
                            .FirstOrDefaultAsync(c => c.Code == wanted, cancellation);
                        if (found is null)
                        {
                            return await Failed($"There is no class with the code {wanted}.");
                        }
                        await services
                            .GetRequiredService<TeacherAccounts>()
                            .HandOver(found, teacher.Id, cancellation);
                        return await Done($"{found.Name} is {teacher.UserName}'s now.");
                    }
                )
        );
        return command;
    }

    private static Command Remove()
    {
        Argument<string> user = User("user", "User name of the teacher.");
        var heir = new Option<string?>("--to")
        {
            Description =
                "User name of the teacher who gets their classes and sets; left out: these are deleted, too.",
        };
        var yes = new Option<bool>("--yes")
        {
            Description = "Do it; without this it is only told what would go.",
        };
        var command = new Command("remove", "Removes a teacher for good.") { user, heir, yes };
        command.SetAction(
            (parsed, cancellation) =>
                WithTeacher(
                    parsed.GetRequiredValue(user),
                    async (services, teacher) =>
                    {
                        TeacherAccounts accounts = services.GetRequiredService<TeacherAccounts>();
                        Teacher? to = parsed.GetValue(heir) is string name
                            ? await accounts.Find(name)
                            : null;
                        if (
                            parsed.GetValue(heir) is string missing
                            && (to is null || to.Id == teacher.Id)
                        )
                        {
                            return await Failed($"There is no other teacher {missing}.");
                        }
                        if (!parsed.GetValue(yes))
                        {
                            Belongings own = await accounts.BelongingsOf(teacher.Id, cancellation);
                            return await Done(
                                $"{teacher.UserName} has {own.Classes} classes with {own.Students} students and {own.Answers} answers, {own.Sets} sets, {own.Instruments} instruments, {own.RunningOrders} running orders. "
                                    + (
                                        to is null
                                            ? "All of it would be deleted."
                                            : $"Classes and sets would go to {to.UserName}, the rest be deleted."
                                    )
                                    + " Add --yes to do it."
                            );
                        }
                        return await accounts.Remove(teacher.Id, to?.Id, cancellation)
                            ? await Done($"{teacher.UserName} is removed.")
                            : await OnlyHead();
                    }
                )
        );
        return command;
    }

    private static Task<int> WithTeacher(
        string userName,
        Func<IServiceProvider, Teacher, Task<int>> work
    ) =>
        CommandLine.With(async services =>
            await services.GetRequiredService<TeacherAccounts>().Find(userName) is Teacher teacher
                ? await work(services, teacher)
                : await Failed($"There is no teacher {userName}.")
        );

    private static async Task<int> WriteAddress(
        IServiceProvider services,
        LinkPurpose purpose,
        Guid? teacherId,
        bool head
    )
    {
        if (
            await services
                .GetRequiredService<OneTimeLinks>()
                .Make(purpose, teacherId, head, CancellationToken.None)
            is not
            (string key, _)
        )
        {
            return await Failed(
                "Too many addresses have not been used yet; they run out after three days."
            );
        }
        // Whoever calls puts the name of the server before it.
        return await Done(OneTimeLinks.PathOf(key));
    }

    private static Task<int> OnlyHead() =>
        Failed("Somebody must look after the accounts, and this is the only one who does.");

    private static async Task<int> Done(string text)
    {
        await Console.Out.WriteLineAsync(text);
        return 0;
    }

    private static async Task<int> Failed(string text)
    {
        await Console.Error.WriteLineAsync(text);
        return 1;
    }
}
