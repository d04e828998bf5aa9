using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Server.Features.Bench;
using JauntyCompass.Server.Features.RunningOrders;

namespace JauntyCompass.Server.Storage;

/// <summary>A generated set, stored as it was generated; it never changes.</summary>
public sealed class ExerciseSet : IPutAway
{
    public Guid Id { get; init; }
    public Guid TeacherId { get; set; }
    public required string Title { get; set; }
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
        int form = FormNumber(forms, studentId);
        return form == 0 ? items : forms![form - 1];
    }

    // The last bytes of an id are random, and stay with the student.
    internal static int FormNumber(IReadOnlyList<IReadOnlyList<Item>>? forms, Guid studentId) =>
        (int)(BitConverter.ToUInt32(studentId.ToByteArray(), 12) % (uint)(1 + (forms?.Count ?? 0)));

    /// <summary>How many items there are, so that lists need not read them.</summary>
    public int ItemCount { get; init; }
    public DateTimeOffset CreatedAt { get; init; }
    public DateTimeOffset? ArchivedAt { get; set; }
    public DateTimeOffset? DeletedAt { get; set; }
}

/// <summary>A set given to a class.</summary>
public sealed class Assignment : IPutAway
{
    public Guid Id { get; init; }

    /// <summary>What it is called here; the set's title at first.</summary>
    public required string Title { get; set; }
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
    public DateTimeOffset? ArchivedAt { get; set; }
    public DateTimeOffset? DeletedAt { get; set; }

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
    public required string Name { get; set; }
    public required Protractor Protractor { get; set; }
}

/// <summary>The demonstrations of a lesson, one after the other.</summary>
public sealed class RunningOrder
{
    public Guid Id { get; init; }
    public Guid TeacherId { get; init; }
    public required string Name { get; init; }
    public required IReadOnlyList<RunningOrderItem> Items { get; set; }
    public DateTimeOffset SavedAt { get; set; }
}
