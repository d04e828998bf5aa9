using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>A mistake that a set lets show.</summary>
/// <param name="Mistake">Its key.</param>
/// <param name="Name">Its name.</param>
/// <param name="Items">At how many items it would show.</param>
public sealed record ShownMistake(string Mistake, Message Name, int Items);

/// <summary>Something that a set cannot tell, and why.</summary>
/// <param name="Mistake">Key of a mistake.</param>
/// <param name="Other">Key of the mistake that it cannot be told from; null when it cannot show at all.</param>
/// <param name="Why">Why, as a sentence.</param>
public sealed record CannotTell(string Mistake, string? Other, Message Why);

/// <summary>What a set can tell of the mistakes it is aimed at.</summary>
/// <param name="Shown">Mistakes that show by the answer they lead to, with how often.</param>
/// <param name="Seen">Mistakes that show on the sheet itself: in what was drawn, or in how the instrument lay.</param>
/// <param name="Cannot">What it cannot tell.</param>
/// <param name="OtherInstruments">Kinds that are worked with another instrument than those that were chosen, and why; a sentence each.</param>
public sealed record SetReport(
    IReadOnlyList<ShownMistake> Shown,
    IReadOnlyList<ShownMistake> Seen,
    IReadOnlyList<CannotTell> Cannot,
    IReadOnlyList<Message> OtherInstruments
)
{
    /// <summary>Looks at the items of a set.</summary>
    /// <param name="items">The items.</param>
    /// <param name="targets">The mistakes it is aimed at.</param>
    /// <param name="tolerance">Tolerance, in degrees.</param>
    /// <param name="otherInstruments">Kinds that are worked with another instrument than those that were chosen.</param>
    internal static SetReport Of(
        IReadOnlyList<PredictedItem> items,
        IReadOnlyList<Mistake> targets,
        double tolerance,
        IReadOnlyList<Message> otherInstruments
    )
    {
        IReadOnlyList<Prediction>[][] predictions =
        [
            .. items.Select(i => i.Steps.Select(step => step.Predictions).ToArray()),
        ];
        var shown = new List<ShownMistake>();
        var seen = new List<ShownMistake>();
        var cannot = new List<CannotTell>();
        foreach (Mistake mistake in targets)
        {
            int count = predictions.Count(item =>
                item.Any(step => step.Any(p => p.Mistake == mistake && p.Shows))
            );
            if (count > 0)
            {
                shown.Add(new ShownMistake(mistake.Key, mistake.Name, count));
            }
            else if (SeenAt(items, mistake) is int sheets and > 0)
            {
                seen.Add(new ShownMistake(mistake.Key, mistake.Name, sheets));
            }
            else
            {
                bool known = predictions.Any(item =>
                    item.Any(step => step.Any(p => p.Mistake == mistake))
                );
                cannot.Add(
                    new CannotTell(
                        mistake.Key,
                        null,
                        known
                            ? Text.Sets.Report.AlwaysAccepted(mistake.Name)
                            : Text.Sets.Report.NoOccasion(mistake.Name)
                    )
                );
            }
        }
        for (int one = 0; one < shown.Count; one++)
        {
            for (int other = one + 1; other < shown.Count; other++)
            {
                if (
                    !predictions.Any(item =>
                        item.Any(step =>
                            AreApart(step, shown[one].Mistake, shown[other].Mistake, tolerance)
                        )
                    )
                )
                {
                    cannot.Add(
                        new CannotTell(
                            shown[one].Mistake,
                            shown[other].Mistake,
                            Text.Sets.Report.SameAnswer(shown[one].Name, shown[other].Name)
                        )
                    );
                }
            }
        }
        return new SetReport(shown, seen, cannot, otherInstruments);
    }

    private static int SeenAt(IReadOnlyList<PredictedItem> items, Mistake mistake) =>
        mistake.IsSeenOnSheet
            ? items.Count(i => ExerciseKinds.Of(i.Item).Mistakes.Contains(mistake))
            : 0;

    // Answers to one step are never held against those to another.
    private static bool AreApart(
        IReadOnlyList<Prediction> step,
        string one,
        string other,
        double tolerance
    )
    {
        Prediction? first = step.FirstOrDefault(p => p.Mistake.Key == one && p.Shows);
        Prediction? second = step.FirstOrDefault(p => p.Mistake.Key == other && p.Shows);
        return (first, second) switch
        {
            (null, null) => false,
            (null, _) or (_, null) => true,
            _ => first.Answers.All(a => second.Answers.All(b => a.IsApartFrom(b, tolerance))),
        };
    }
}

/// <summary>A generated set.</summary>
/// <param name="GeneratorVersion">Number of the generator that made it.</param>
/// <param name="Seed">The seed.</param>
/// <param name="Items">The items of the first form, each with what every mistake would answer.</param>
/// <param name="Forms">Further parallel forms: the same items with other numbers.</param>
/// <param name="Report">What the set can tell.</param>
public sealed record GeneratedSet(
    int GeneratorVersion,
    int Seed,
    IReadOnlyList<GeneratedItem> Items,
    IReadOnlyList<IReadOnlyList<Item>> Forms,
    SetReport Report
);
