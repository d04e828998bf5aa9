using System.Text.Json;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>Items like one that was worked: as hard, laid alike, with other numbers, at which the same mistake would show.</summary>
public static class Twins
{
    /// <summary>The most twins of one item.</summary>
    public const int Most = 20;

    // How many items are tried for each twin.
    private const int Tries = 200;

    /// <summary>Makes a twin.</summary>
    /// <param name="specification">What the set was made from.</param>
    /// <param name="seed">Its seed.</param>
    /// <param name="index">Place of the item, from 0.</param>
    /// <param name="item">The item as the student had it.</param>
    /// <param name="cause">Key of the mistake that the student made, or null.</param>
    /// <param name="number">Which twin, from 1.</param>
    /// <returns>The twin, always the same one; null when there is none, or no more of them.</returns>
    public static Item? Of(
        SetSpecification specification,
        int seed,
        int index,
        Item item,
        string? cause,
        int number
    )
    {
        if (number is < 1 or > Most || Place(specification, seed, index, item) is not { } place)
        {
            return null;
        }
        double tolerance = specification.Tolerance;
        (ItemPosition position, Candidates candidates) = place;
        IReadOnlyList<Candidate> all = candidates.Of(position);
        List<Candidate> left = [.. all];
        var random = SeededRandom.Named(seed, "twins of place", index);
        var design = new SetDesign(candidates.Targets, random);
        var maker = new ItemMaker(specification, candidates, seed);
        var known = new List<Question> { Question.Of(item) };
        int since = 0;
        for (int t = 0; since < Tries; t++, since++)
        {
            Candidate like = design.Likest(position.Chosen, left) ?? position.Chosen;
            left.RemoveAll(c => c.Measure == like.Measure);
            if (left.Count == 0)
            {
                left.AddRange(all);
            }
            // Where no other number will do, what the kind decides by itself must vary.
            int more = t < all.Count ? 0 : 1 + t;
            Item made = maker.At(
                position,
                like,
                new Rotation(seed, position.Turn + more, position.Turns, specification.Forms + t),
                random,
                more
            );
            var question = Question.Of(made);
            // In a set of one number, such as one of right angles, it can only lie in another way.
            double apart = since < Tries / 2 ? tolerance : -1;
            if (
                known.TrueForAll(k => question.IsOther(k, apart))
                && WouldShow(cause, item, made, tolerance)
            )
            {
                if (known.Count == number)
                {
                    return made;
                }
                known.Add(question);
                since = 0;
            }
        }
        return null;
    }

    // A set of an earlier generator may have another kind at the place: then the first place with the item's own will do.
    private static (ItemPosition ItemPosition, Candidates Candidates)? Place(
        SetSpecification specification,
        int seed,
        int index,
        Item item
    )
    {
        try
        {
            (IReadOnlyList<ItemPosition> positions, Candidates candidates) = SetGenerator.Plan(
                specification,
                seed
            );
            ExerciseKind kind = ExerciseKinds.Of(item);
            ItemPosition? position =
                index < positions.Count && positions[index].Kind == kind
                    ? positions[index]
                    : positions.FirstOrDefault(s => s.Kind == kind);
            return position is null ? null : (position, candidates);
        }
        catch (SpecificationConflictException)
        {
            return null;
        }
    }

    /// <summary>What an item asks for: two are unlike by their answers in degrees, or by all that is written.</summary>
    private readonly record struct Question(double? Degrees, string Written)
    {
        internal static Question Of(Item item) =>
            new(
                ExerciseKinds.Of(item).Steps(item, null).Last(s => s.Decides).Degrees,
                JsonSerializer.Serialize(item, ExerciseJson.Options)
            );

        internal bool IsOther(Question other, double apart) =>
            Written != other.Written
            && (
                Degrees is not double one
                || other.Degrees is not double two
                || Math.Abs(one - two) > apart
            );
    }

    // Where it cannot be predicted what a mistake answers, it can show at any item of the kind.
    private static bool WouldShow(string? cause, Item item, Item twin, double tolerance) =>
        cause is null
        || Shown(cause, item, tolerance) is not true
        || Shown(cause, twin, tolerance) is true;

    private static bool? Shown(string cause, Item item, double tolerance)
    {
        bool? shows = null;
        foreach (AnsweredStep step in ExerciseKinds.Of(item).Steps(item, null))
        {
            foreach (Prediction predicted in step.Predict(tolerance))
            {
                if (predicted.Mistake.Key == cause)
                {
                    shows = shows is true || predicted.Shows;
                }
            }
        }
        return shows;
    }
}
