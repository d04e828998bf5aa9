using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Core.Exercises;

/// <summary>
/// One kind of exercise: how items are made, marked, explained and worked. A new kind is a folder of its own and one line in
/// <see cref="ExerciseKinds"/>.
/// </summary>
public abstract class ExerciseKind
{
    /// <summary>Short unique name, such as <c>measure</c>; the <c>kind</c> of its items and responses in JSON.</summary>
    public abstract string Key { get; }

    /// <summary>What a teacher calls it.</summary>
    public abstract string Title { get; }

    /// <summary>What the student does, in one sentence.</summary>
    public abstract string Summary { get; }

    /// <summary>The type of its items.</summary>
    public abstract Type ItemType { get; }

    /// <summary>The type of its responses.</summary>
    public abstract Type ResponseType { get; }

    /// <summary>The mistakes its items can show.</summary>
    public abstract IReadOnlyList<Mistake> Mistakes { get; }

    /// <summary>Makes an item from a plan.</summary>
    public abstract Item Make(ItemPlan plan);

    /// <summary>The true situation of an item, with the placement not known.</summary>
    public abstract Situation Ideal(Item item);

    /// <summary>Marks a response. Both are taken as checked.</summary>
    /// <exception cref="ArgumentException">The response is of another kind than the item.</exception>
    public abstract Mark Mark(Item item, Response response, MarkingRules rules);

    /// <summary>Works the item as a simulated student would.</summary>
    public abstract Response Attempt(Item item, SimulatedStudent student, SeededRandom random);
}

/// <summary>An <see cref="ExerciseKind"/> that knows its own types.</summary>
/// <typeparam name="TItem">Type of its items.</typeparam>
/// <typeparam name="TResponse">Type of its responses.</typeparam>
public abstract class ExerciseKind<TItem, TResponse> : ExerciseKind
    where TItem : Item
    where TResponse : Response
{
    /// <inheritdoc/>
    public sealed override Type ItemType => typeof(TItem);

    /// <inheritdoc/>
    public sealed override Type ResponseType => typeof(TResponse);

    /// <inheritdoc/>
    public sealed override Situation Ideal(Item item) => Ideal((TItem)item);

    /// <inheritdoc/>
    public sealed override Mark Mark(Item item, Response response, MarkingRules rules) =>
        response is TResponse own
            ? Mark((TItem)item, own, rules)
            : throw new ArgumentException(
                $"A response to this item must be of kind '{Key}'.",
                nameof(response)
            );

    /// <inheritdoc/>
    public sealed override Response Attempt(
        Item item,
        SimulatedStudent student,
        SeededRandom random
    ) => Attempt((TItem)item, student, random);

    /// <summary>The true situation of an item, with the placement not known.</summary>
    protected abstract Situation Ideal(TItem item);

    /// <summary>Marks a response.</summary>
    protected abstract Mark Mark(TItem item, TResponse response, MarkingRules rules);

    /// <summary>Works the item as a simulated student would.</summary>
    protected abstract TResponse Attempt(TItem item, SimulatedStudent student, SeededRandom random);
}
