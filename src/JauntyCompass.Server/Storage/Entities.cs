using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Server.Features.Bench;
using JauntyCompass.Server.Features.RunningOrders;
using Microsoft.AspNetCore.Identity;

namespace JauntyCompass.Server.Storage;

/// <summary>Someone who teaches. Signs in with a user name; no e-mail address is asked for.</summary>
public sealed class Teacher : IdentityUser<Guid>
{
    public required string DisplayName { get; set; }
}

/// <summary>A class of one teacher.</summary>
public sealed class SchoolClass
{
    public Guid Id { get; init; }
    public Guid TeacherId { get; init; }
    public required string Name { get; set; }

    /// <summary>What students type to join; unique.</summary>
    public required string Code { get; init; }
    public DateTimeOffset CreatedAt { get; init; }

    /// <summary>How this class does things; null: the usual way.</summary>
    public HouseRules? Rules { get; set; }
    public List<Student> Students { get; } = [];
}

/// <summary>A student: a given name and a PIN, nothing more.</summary>
public sealed class Student
{
    public Guid Id { get; init; }
    public Guid ClassId { get; init; }
    public required string GivenName { get; set; }

    /// <summary>The name as it is compared; unique within the class.</summary>
    public required string NameKey { get; set; }
    public required string PinHash { get; set; }
    public int FailedPins { get; set; }
    public DateTimeOffset? LockedUntil { get; set; }
}

/// <summary>A generated set, stored as it was generated; it never changes.</summary>
public sealed class ExerciseSet
{
    public Guid Id { get; init; }
    public Guid TeacherId { get; init; }
    public required string Title { get; init; }
    public required SetSpecification Specification { get; init; }
    public int Seed { get; init; }
    public int GeneratorVersion { get; init; }
    public required IReadOnlyList<Item> Items { get; init; }

    /// <summary>Further parallel forms: the same items with other numbers; null where there is one form only.</summary>
    public IReadOnlyList<IReadOnlyList<Item>>? Forms { get; init; }

    /// <summary>The items that a student gets: everyone keeps to one form.</summary>
    public IReadOnlyList<Item> ItemsOf(Guid studentId) => FormOf(Items, Forms, studentId);

    internal static IReadOnlyList<Item> FormOf(
        IReadOnlyList<Item> items,
        IReadOnlyList<IReadOnlyList<Item>>? forms,
        Guid studentId
    )
    {
        // The last bytes of an id are random, and stay with the student.
        uint drawn = BitConverter.ToUInt32(studentId.ToByteArray(), 12);
        int form = (int)(drawn % (uint)(1 + (forms?.Count ?? 0)));
        return form == 0 ? items : forms![form - 1];
    }

    /// <summary>How many items there are, so that lists need not read them.</summary>
    public int ItemCount { get; init; }
    public DateTimeOffset CreatedAt { get; init; }
}

/// <summary>A set given to a class.</summary>
public sealed class Assignment
{
    public Guid Id { get; init; }
    public Guid SetId { get; init; }
    public ExerciseSet? Set { get; init; }
    public Guid ClassId { get; init; }
    public SchoolClass? Class { get; init; }

    /// <summary>The house rules under which it is worked; set and class must be loaded.</summary>
    public HouseRules RulesInForce => HouseRules.InForce(Set!.Specification.Rules, Class!.Rules);

    /// <summary>How often each item may be answered.</summary>
    public int Tries { get; init; }

    /// <summary>The most items a student is asked, each chosen for them; null: everyone gets all, in order.</summary>
    public int? AdaptiveLimit { get; init; }
    public DateTimeOffset SetAt { get; init; }
    public DateTimeOffset? ClosedAt { get; set; }

    /// <summary>How much each step counts, by its key; null: as the kinds of exercise have it.</summary>
    public IReadOnlyDictionary<string, double>? Weights { get; init; }
}

/// <summary>A student's own look back at a set: a step on the ladder and a line.</summary>
public sealed class Reflection
{
    public Guid AssignmentId { get; init; }
    public Guid StudentId { get; init; }

    /// <summary>1 to 4, from “still looking for the way” to “I could show someone”.</summary>
    public int Step { get; set; }
    public required string Line { get; set; }
    public DateTimeOffset WrittenAt { get; set; }
}

/// <summary>An item as a student has left it, not handed in yet.</summary>
public sealed class Draft
{
    public Guid AssignmentId { get; init; }
    public Guid StudentId { get; init; }
    public int ItemIndex { get; init; }
    public required BenchDraft Content { get; init; }
    public DateTimeOffset SavedAt { get; init; }
}

/// <summary>One answer. Only ever added; its id is made by the browser, so sending it twice stores it once.</summary>
public sealed class Answer
{
    public Guid Id { get; init; }
    public Guid AssignmentId { get; init; }
    public Guid StudentId { get; init; }

    /// <summary>Place of the item in its set, from 0.</summary>
    public int ItemIndex { get; init; }

    /// <summary>Which try at this item, from 1.</summary>
    public int Try { get; init; }
    public required Response Response { get; init; }
    public DateTimeOffset ReceivedAt { get; init; }

    /// <summary>When it was made by the browser's clock, or null.</summary>
    public DateTimeOffset? AnsweredAt { get; init; }
    public List<AnswerMark> Marks { get; } = [];
}

/// <summary>A mark of an answer. Marking again with a newer marker adds another one.</summary>
public sealed class AnswerMark
{
    public Guid AnswerId { get; init; }
    public int MarkerVersion { get; init; }
    public required Mark Mark { get; init; }
}

/// <summary>An instrument that a teacher has described.</summary>
public sealed class CabinetInstrument
{
    public Guid Id { get; init; }
    public Guid TeacherId { get; init; }

    /// <summary>The instrument's own short name; unique in a cabinet.</summary>
    public required string Key { get; init; }
    public required string Name { get; init; }
    public required Protractor Protractor { get; init; }
}

/// <summary>The demonstrations of a lesson, one after the other.</summary>
public sealed class RunningOrder
{
    public Guid Id { get; init; }
    public Guid TeacherId { get; init; }
    public required string Name { get; init; }
    public required IReadOnlyList<RunningOrderItem> Items { get; init; }
    public DateTimeOffset SavedAt { get; init; }
}
