using JauntyCompass.Core.Lessons;
using Microsoft.AspNetCore.Identity;

namespace JauntyCompass.Server.Storage;

/// <summary>What can be put away and brought back, and deleted with a day to change one's mind.</summary>
public interface IPutAway
{
    /// <summary>Since when it is put away: out of the way, and kept.</summary>
    DateTimeOffset? ArchivedAt { get; set; }

    /// <summary>When it was deleted. Nobody sees it any more; a day later it is gone for good.</summary>
    DateTimeOffset? DeletedAt { get; set; }
}

/// <summary>The school that this database belongs to: one row.</summary>
public sealed class School
{
    /// <summary>Id of the only row.</summary>
    public const int OnlyId = 1;

    public int Id { get; init; } = OnlyId;

    /// <summary>Whether everything in it is made up and its passwords are published.</summary>
    public bool IsDemo { get; init; }

    /// <summary>Whether teachers may make their own accounts, without an invitation.</summary>
    public bool TeachersMayRegister { get; set; }

    /// <summary>How many months answers are kept, 1 to 120.</summary>
    public int KeepAnswersMonths { get; set; } = 24;

    /// <summary>How many months archived classes are kept, 1 to 120.</summary>
    public int KeepArchivedMonths { get; set; } = 12;

    /// <summary>When what is no longer kept was last deleted.</summary>
    public DateTimeOffset? TidiedAt { get; set; }
}

/// <summary>Someone who teaches. Signs in with a user name; no e-mail address is asked for.</summary>
public sealed class Teacher : IdentityUser<Guid>
{
    public required string DisplayName { get; set; }

    /// <summary>Whether they look after the accounts of the school.</summary>
    public bool IsHead { get; set; }

    /// <summary>Tag of the language in which the Desk speaks to them; null: as their browser does.</summary>
    public string? Language { get; set; }
}

/// <summary>A class: of one teacher, with whom others may teach.</summary>
public sealed class SchoolClass : IPutAway
{
    public Guid Id { get; init; }
    public Guid TeacherId { get; set; }
    public required string Name { get; set; }

    /// <summary>What students type to join; unique.</summary>
    public required string Code { get; init; }
    public DateTimeOffset CreatedAt { get; init; }
    public DateTimeOffset? ArchivedAt { get; set; }
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>How this class does things; null: the usual way.</summary>
    public HouseRules? Rules { get; set; }
    public List<Student> Students { get; } = [];
    public List<CoTeacher> CoTeachers { get; } = [];
}

/// <summary>A teacher who teaches somebody else's class with them.</summary>
public sealed class CoTeacher
{
    public Guid ClassId { get; init; }
    public Guid TeacherId { get; init; }
}

/// <summary>A student: a given name, a PIN and perhaps a card; nothing more.</summary>
public sealed class Student : IPutAway
{
    public Guid Id { get; init; }
    public Guid ClassId { get; init; }
    public required string GivenName { get; set; }

    /// <summary>The name as it is compared; unique within the class.</summary>
    public required string NameKey { get; set; }
    public required string PinHash { get; set; }

    /// <summary>Hash of what stands on the student's card, or null where there is none.</summary>
    public byte[]? CardHash { get; set; }
    public DateTimeOffset? ArchivedAt { get; set; }
    public DateTimeOffset? DeletedAt { get; set; }
}

/// <summary>Somebody who is signed in at one device. Without its row a cookie opens nothing.</summary>
public sealed class Session
{
    /// <summary>Hash of the key that the cookie carries.</summary>
    public required byte[] KeyHash { get; init; }

    /// <summary>The teacher, or null.</summary>
    public Guid? TeacherId { get; init; }
    public Teacher? Teacher { get; init; }

    /// <summary>The student, or null.</summary>
    public Guid? StudentId { get; init; }
    public Student? Student { get; init; }
    public DateTimeOffset BeganAt { get; init; }

    /// <summary>When it ends at the latest.</summary>
    public DateTimeOffset EndsAt { get; init; }
}

/// <summary>What a one-time address is for.</summary>
public enum LinkPurpose
{
    /// <summary>A new teacher makes their account.</summary>
    Invitation,

    /// <summary>A teacher chooses a new password.</summary>
    NewPassword,
}

/// <summary>An address that works once.</summary>
public sealed class OneTimeLink
{
    /// <summary>Hash of the key in the address.</summary>
    public required byte[] KeyHash { get; init; }
    public LinkPurpose Purpose { get; init; }

    /// <summary>For a new password: whose. Else null.</summary>
    public Guid? TeacherId { get; init; }

    /// <summary>For an invitation: whether the new teacher looks after the accounts of the school.</summary>
    public bool ForHead { get; init; }
    public DateTimeOffset EndsAt { get; init; }
}

/// <summary>How often somebody tried to sign in as someone, or from somewhere, and when the next try is open.</summary>
public sealed class SignInTries
{
    /// <summary>Hash of what is counted: nothing in it tells a name or an address.</summary>
    public required byte[] Bucket { get; init; }

    /// <summary>Hash of who was tried, so that a new PIN or password can clear it.</summary>
    public required byte[] Subject { get; init; }

    /// <summary>Tries so far that were not right.</summary>
    public int Count { get; set; }
    public DateTimeOffset LastAt { get; set; }

    /// <summary>From when the next one is let through.</summary>
    public DateTimeOffset OpenAt { get; set; }
}
