using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>Thrown when the wishes of a specification cannot all be met; the message says which collide and what can be had.</summary>
public sealed class SpecificationConflictException(Message collision)
    : Exception(collision.ToString())
{
    /// <summary>What collides, and what can be had instead.</summary>
    public Message Collision { get; } = collision;
}

/// <summary>
/// Makes a set of items from a specification and a seed. Items are chosen, not drawn: so that the targeted mistakes show.
/// </summary>
public static class SetGenerator
{
    /// <summary>Number of this generator: the same number makes the same set of the same specification and seed for ever.</summary>
    public const int Version = 10;

    /// <summary>Makes the set.</summary>
    /// <param name="specification">What is wanted; taken as checked.</param>
    /// <param name="seed">Any number; another seed gives another set of the same sort.</param>
    /// <param name="cancellation">Gives up between two pieces of work.</param>
    /// <exception cref="SpecificationConflictException">The wishes collide.</exception>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static GeneratedSet Generate(
        SetSpecification specification,
        int seed,
        CancellationToken cancellation = default
    )
    {
        (IReadOnlyList<ItemPosition> positions, Candidates candidates) = Plan(
            specification,
            seed,
            cancellation
        );
        var maker = new ItemMaker(specification, candidates, seed);
        Dictionary<int, int>[] used =
        [
            .. positions.Select(s => new Dictionary<int, int> { [s.Chosen.Measure] = 1 }),
        ];
        var forms = new List<IReadOnlyList<Item>>();
        for (int form = 1; form < specification.Forms; form++)
        {
            cancellation.ThrowIfCancellationRequested();
            var again = SeededRandom.Named(seed, "design of form", form);
            var design = new SetDesign(candidates.Targets, again);
            var own = new List<Item>(positions.Count);
            var there = new ItemsThere();
            for (int i = 0; i < positions.Count; i++)
            {
                ItemPosition position = positions[i];
                Candidate like =
                    design.Like(position.Chosen, candidates.Of(position), used[i])
                    ?? position.Chosen;
                used[i][like.Measure] = used[i].GetValueOrDefault(like.Measure) + 1;
                own.Add(maker.Make(position, like, form, there).Item);
                there.Add(own[^1]);
            }
            forms.Add(own);
        }
        List<PredictedItem> items = [.. positions.Select(p => p.First!.Predicted)];
        return new GeneratedSet(
            Version,
            seed,
            [.. items.Select(GeneratedItem.Of)],
            forms,
            SetReport.Of(
                items,
                Targets(specification),
                specification.Tolerance,
                InstrumentSelection.Of(specification).OthersThanChosen(specification)
            )
        );
    }

    /// <summary>Settles what does not change from form to form.</summary>
    /// <exception cref="SpecificationConflictException">The wishes collide.</exception>
    internal static (IReadOnlyList<ItemPosition> ItemPositions, Candidates Candidates) Plan(
        SetSpecification specification,
        int seed,
        CancellationToken cancellation = default
    )
    {
        var instruments = InstrumentSelection.Of(specification);
        IReadOnlyList<Mistake> targets = Targets(specification);
        SpecificationConflicts.Require(specification, instruments, targets);
        var candidates = Candidates.Of(specification, instruments, targets, seed, cancellation);
        SpecificationConflicts.RequireRoom(specification, instruments, candidates);
        var maker = new ItemMaker(specification, candidates, seed);
        return (ItemPositions.Of(specification, instruments, candidates, maker, seed), candidates);
    }

    /// <summary>The mistakes that a set is aimed at: those asked for, or all that its kinds can show.</summary>
    internal static IReadOnlyList<Mistake> Targets(SetSpecification specification)
    {
        IEnumerable<Mistake> can = specification
            .Kinds.SelectMany(k => ExerciseKinds.Find(k.Kind)!.Mistakes)
            .Distinct()
            .Where(m => m.CanBeHabit);
        return specification.Mistakes is { Count: > 0 } keys
            ? [.. keys.Distinct().Select(k => MistakeCatalogue.Find(k)!)]
            : [.. can];
    }
}
