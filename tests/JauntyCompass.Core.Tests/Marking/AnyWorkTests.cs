using System.Text.Json;
using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Tests.Exercises;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using Shouldly;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>What holds of every mark, whatever the kind and whoever did the work: careful, shaky, with this habit or that.</summary>
public class AnyWorkTests
{
    /// <summary>An item with what somebody made of it.</summary>
    public sealed record Work(ExerciseKind Kind, Item Item, Response Response)
    {
        internal Mark Marked(MarkingRules rules) => Kind.Mark(Item, Response, rules);

        internal IReadOnlyList<AnsweredStep> Steps => Kind.Steps(Item, Response);

        public override string ToString() =>
            $"{Kind.Key}: {Item.Prompt} {WrittenAnswer.Json(Response).ToJsonString()}";
    }

    /// <summary>Work of any kind by a student with up to two habits of that kind.</summary>
    public static class Works
    {
        public static Arbitrary<Work> Any() =>
            (
                from kind in Gen.Elements(ExerciseKinds.All.ToArray())
                from seed in Gen.Choose(0, 5000)
                from habits in Gen.Elements(kind.Mistakes.ToArray()).ArrayOf(2)
                from share in Gen.Elements(0.0, 0.6, 1.0)
                from hand in Gen.Elements(Hand.Perfect, Hand.Careful, new Hand(2, 3, 2, 1))
                select Done(kind, seed, [.. habits.Select(h => new Habit(h, share))], hand)
            ).ToArbitrary();

        private static Work Done(ExerciseKind kind, int seed, Habit[] habits, Hand hand)
        {
            Item item = SetGenerator
                .Generate(
                    new SetSpecification([new KindCount(kind.Key, 1)], Tilt: Tilt.Mixed),
                    seed
                )
                .Items[0]
                .Item;
            var student = new SimulatedStudent("Bo", habits, hand);
            return new Work(kind, item, kind.Attempt(item, student, new SeededRandom(seed, 9)));
        }
    }

    [Property(Arbitrary = [typeof(Works)], MaxTest = 1000)]
    public void No_cause_is_named_that_the_kind_cannot_show(Work work)
    {
        Mark mark = work.Marked(MarkingRules.Usual);
        if (mark.Verdict == Verdict.Accepted)
        {
            mark.LikelyCause.ShouldBeNull(work.ToString());
            return;
        }
        string[] claimed = [.. work.Kind.Mistakes.Select(m => m.Key), Diagnosis.NotExplained];
        mark.Causes.Select(c => c.Mistake).ShouldBeSubsetOf(claimed, work.ToString());
        if (mark.LikelyCause is not null)
        {
            claimed.ShouldContain(mark.LikelyCause, work.ToString());
        }
    }

    [Property(Arbitrary = [typeof(Works)], MaxTest = 1000)]
    public void Parts_sum_to_the_error_and_shares_to_the_credit(Work work)
    {
        Mark mark = work.Marked(MarkingRules.Usual);
        if (mark is { Parts: ErrorParts parts, Error: double error })
        {
            parts.Whole.ShouldBe(error, 1e-6, work.ToString());
        }
        double full = mark.Steps!.Sum(s => s.Weight);
        double earned = mark.Steps!.Sum(s => s.Weight * s.Credit);
        mark.Credit!.Value.ShouldBe(full > 0 ? earned / full : 0, 1e-9, work.ToString());
        mark.Causes.ShouldAllBe(c => c.Likelihood > 0 && c.Likelihood <= 1 + 1e-9);
        // An item fails with a step that decides, and with no other.
        IReadOnlyList<AnsweredStep> steps = work.Steps;
        Verdict worst = mark.Steps!.Where((_, i) => steps[i].Decides).Select(s => s.Verdict).Max();
        mark.Verdict.ShouldBe(worst, work.ToString());
    }

    [Property(Arbitrary = [typeof(Works)], MaxTest = 1000)]
    public void What_went_wrong_is_told_with_something_to_do_and_without_the_answer(Work work)
    {
        Mark mark = work.Marked(MarkingRules.Usual);
        if (mark.Verdict == Verdict.Accepted)
        {
            return;
        }
        mark.Feedback.Happened.Said().ShouldNotBeNullOrWhiteSpace(work.ToString());
        mark.Feedback.Next.Said().ShouldNotBeNullOrWhiteSpace(work.ToString());
        string told =
            $"{mark.Feedback.Praise.Said()} {mark.Feedback.Happened.Said()} {mark.Feedback.Next.Said()} {mark.Picture?.Note?.Text.Said()}";
        string response = WrittenAnswer.Json(work.Response).ToJsonString();
        foreach (AnsweredStep step in work.Steps.Where(s => s.Decides && s.Degrees is not null))
        {
            double truth = Math.Round(step.Degrees!.Value, 1);
            // What stands in the task or was handed in is no secret; neither are the corners of a circle.
            bool known =
                truth is 90 or 180 or 360
                || Any.Said(work.Item).Contains(Numbers.Degrees(truth), StringComparison.Ordinal)
                || response.Contains($":{Numbers.Plain(truth)}", StringComparison.Ordinal);
            if (!known)
            {
                // 2.8° holds no 8°.
                IEnumerable<string> words = told.Split(' ', ',', ':', ';', '(', ')', '“', '”')
                    .Select(w => w.TrimEnd('.', '?', '!'));
                words.ShouldNotContain(Numbers.Degrees(truth), work.ToString());
            }
        }
    }

    [Property(Arbitrary = [typeof(Works)], MaxTest = 300)]
    public void The_same_work_gets_the_same_mark_to_the_letter(Work work)
    {
        string Written() =>
            JsonSerializer.Serialize(work.Marked(MarkingRules.Usual), ExerciseJson.Options);
        Written().ShouldBe(Written());
    }

    [Property(Arbitrary = [typeof(Works)], MaxTest = 300)]
    public void A_picture_is_kept_as_fine_as_it_is_drawn_and_no_finer(Work work)
    {
        MarkPicture? picture = work.Marked(MarkingRules.Usual).Picture;
        string written = JsonSerializer.Serialize(picture, ExerciseJson.Options);
        written.ShouldNotMatch(@"\.\d{4}", work.ToString());
    }

    [Property(Arbitrary = [typeof(Works)], MaxTest = 300)]
    public void A_wider_tolerance_never_takes_anything_away(Work work, byte one, byte other)
    {
        double narrow = Math.Min(one, other) % 11;
        double wide = Math.Max(narrow, Math.Max(one, other) % 11);
        Mark strict = work.Marked(MarkingRules.Usual with { Tolerance = narrow });
        Mark kind = work.Marked(MarkingRules.Usual with { Tolerance = wide });
        ((int)kind.Verdict).ShouldBeLessThanOrEqualTo((int)strict.Verdict, work.ToString());
        kind.Credit!.Value.ShouldBeGreaterThanOrEqualTo(strict.Credit!.Value, work.ToString());
    }

    [Property(Arbitrary = [typeof(Works)], MaxTest = 300)]
    public void Neither_weights_nor_history_decide_whether_it_is_right(Work work, byte seed)
    {
        var random = new SeededRandom(seed, stream: 3);
        Mark plain = work.Marked(MarkingRules.Usual);
        Dictionary<string, double> weights = work
            .Steps.Select(s => s.Key)
            .Distinct()
            .ToDictionary(key => key, _ => 3 * random.Share());
        Mistake known = work.Kind.Mistakes[random.Below(work.Kind.Mistakes.Count)];
        Mark other = work.Marked(
            MarkingRules.Usual with
            {
                Weights = weights,
                History = new Beliefs(
                    9,
                    0.02,
                    [new HabitBelief(known.Key, known.Name, 0.97, true)]
                ),
            }
        );
        other.Verdict.ShouldBe(plain.Verdict, work.ToString());
        other.Error.ShouldBe(plain.Error, work.ToString());
        other.Credit!.Value.ShouldBeInRange(0, 1 + 1e-9);
    }

    // A page may leave out what it does not know; whatever passes the check is marked.
    [Property(Arbitrary = [typeof(Works)], MaxTest = 400)]
    public void Work_with_something_left_out_is_refused_by_its_check_or_marked(
        Work work,
        byte which
    )
    {
        JsonObject json = WrittenAnswer.Json(work.Response);
        string[] fields = [.. json.Select(p => p.Key).Where(k => k != "kind")];
        string left = fields[which % fields.Length];
        json[left] = json[left] is JsonArray ? new JsonArray() : null;
        Response? damaged;
        try
        {
            damaged = WrittenAnswer.Read(json);
        }
        catch (JsonException)
        {
            return;
        }
        var errors = new ValidationErrors();
        damaged.Validate(errors);
        if (errors.None)
        {
            Mark mark = work.Kind.Mark(work.Item, damaged, MarkingRules.Usual);
            mark.Credit!.Value.ShouldBeInRange(0, 1, $"without {left}: {work}");
        }
    }
}
