using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Constructing;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>
/// Bisecting (Euclid, Elements I.9), copying (I.23) and building (I.1, I.11) with compass and straightedge, worked by hands that the marker
/// does not know.
/// </summary>
public class ConstructionKindsTests
{
    public static TheoryData<string> Kinds => ["bisect", "copy", "build"];

    public static TheoryData<string, string> Habits =>
        [
            .. from kind in new[] { "bisect", "copy", "build" }
            from mistake in MistakeCatalogue.OfConstruction
            where mistake.CanBeHabit
            select (kind, mistake.Key),
        ];

    private static IEnumerable<(ConstructionItem Item, Mark Mark)> Worked(
        string kind,
        Hand hand,
        Mistake? habit,
        int goes = 4
    )
    {
        var student = new SimulatedStudent("Ada", habit is null ? [] : [new(habit, 1)], hand);
        foreach (
            (int place, ConstructionItem item) in KindTrial.Made<ConstructionItem>(kind, 40).Index()
        )
        {
            for (int go = 0; go < goes; go++)
            {
                Response response = ExerciseKinds
                    .Of(item)
                    .Attempt(item, student, new SeededRandom(go, 11 + place));
                yield return (item, KindTrial.Marked(item, response));
            }
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_perfect_hand_is_accepted_to_the_degree_and_in_every_stage(string kind)
    {
        foreach ((ConstructionItem item, Mark mark) in Worked(kind, Hand.Perfect, null))
        {
            mark.Verdict.ShouldBe(Verdict.Accepted, $"{item} {mark.LikelyCause}");
            mark.Steps!.ShouldAllBe(s => s.Verdict == Verdict.Accepted);
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_careful_hand_is_not_told_of_a_mistake(string kind)
    {
        Mark[] marks = [.. Worked(kind, Hand.Careful, null).Select(w => w.Mark)];
        string[] told =
        [
            .. marks
                .Select(m => m.LikelyCause)
                .OfType<string>()
                .Where(c => MistakeCatalogue.OfConstruction.Any(m => m.Key == c && m.CanBeHabit)),
        ];
        told.Length.ShouldBeLessThanOrEqualTo(marks.Length / 50, string.Join(", ", told));
        marks.Count(m => m.Verdict == Verdict.Accepted).ShouldBeGreaterThan(marks.Length * 3 / 4);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void In_whatever_order_the_arcs_come_the_way_is_the_same(string kind)
    {
        var student = new SimulatedStudent("Ada", [], Hand.Careful);
        foreach (
            (int place, ConstructionItem item) in KindTrial.Made<ConstructionItem>(kind, 40).Index()
        )
        {
            var random = new SeededRandom(place, 5);
            var drawn = (ConstructionResponse)ExerciseKinds.Of(item).Attempt(item, student, random);
            List<CompassStroke> arcs = [.. drawn.Arcs];
            random.Shuffle(arcs);
            KindTrial
                .Marked(item, drawn with { Arcs = arcs })
                .Steps!.Where(s => s.Step is not ("angle" or "reading"))
                .ShouldAllBe(s => s.Verdict == Verdict.Accepted);
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Under_an_item_and_in_the_report_every_mistake_tells_what_comes_of_it(string kind)
    {
        GeneratedSet set = SetGenerator.Generate(new([new KindCount(kind, 7)]), 3);
        string[] all = [.. MistakeCatalogue.OfConstruction.Select(m => m.Key)];
        foreach (GeneratedItem item in set.Items)
        {
            string[] told =
            [
                .. item.Predictions.Select(p => p.Mistake),
                .. item.Seen.Select(s => s.Mistake),
            ];
            all.ShouldBeSubsetOf(told);
            told.ShouldBeUnique();
        }
        set.Report.Cannot.Where(c => c.Other is null).ShouldAllBe(c => !all.Contains(c.Mistake));
    }

    // What is usual is told beforehand; what comes out depends on how the compass was opened.
    [Theory]
    [MemberData(nameof(Habits))]
    public void What_is_told_beforehand_is_about_what_comes_out(string kind, string key)
    {
        var off = new List<double>();
        foreach (
            (ConstructionItem item, Mark mark) in Worked(
                kind,
                Hand.Perfect,
                MistakeCatalogue.Find(key)!
            )
        )
        {
            MistakePrediction? told = GeneratedItem
                .Of(item, 2)
                .Predictions.FirstOrDefault(p => p.Mistake == key);
            if (told is not null && mark.Value is double came)
            {
                off.Add(told.Answers.Min(a => Math.Abs(a.Degrees!.Value - came)));
            }
        }
        bool hasOutcome =
            key is "opening-changed" or "unlike-openings" or "needle-off"
            || (key == "wrong-crossing" && kind != "copy");
        (off.Count > 0).ShouldBe(hasOutcome);
        off.Sort();
        (hasOutcome ? off[off.Count / 2] : 0).ShouldBeLessThan(5);
    }

    [Theory]
    [MemberData(nameof(Habits))]
    public void What_went_wrong_is_named(string kind, string key)
    {
        Mistake mistake = MistakeCatalogue.Find(key)!;
        Mark[] marks = [.. Worked(kind, Hand.Careful, mistake).Select(w => w.Mark)];
        marks.Count(m => m.LikelyCause == key).ShouldBeGreaterThan(marks.Length * 3 / 4);
        // Where it is not, nothing else is claimed with it.
        marks
            .Count(m => m.LikelyCause is string other && other != key && other != "not-explained")
            .ShouldBeLessThanOrEqualTo(marks.Length / 10);
    }
}
