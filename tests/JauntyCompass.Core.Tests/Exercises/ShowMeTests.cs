using System.Text.RegularExpressions;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Exactly;
using JauntyCompass.Core.Exercises.Kinds.FigureAngles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>“Show me” makes the student’s own mistake again, where it was made, and gives nothing away that is still to be found.</summary>
public partial class ShowMeTests
{
    public static TheoryData<string> Kinds => [.. ExerciseKinds.All.Select(k => k.Key)];

    private static IEnumerable<(Item Item, Response Response, Mark Mark)> Wrong(string kind)
    {
        ExerciseKind own = ExerciseKinds.Find(kind)!;
        foreach (Mistake mistake in own.Mistakes.Where(m => m.CanBeHabit))
        {
            for (int seed = 0; seed < 2; seed++)
            {
                var spec = new SetSpecification([new KindCount(kind, 4)], Tilt: Tilt.Mixed);
                var student = new SimulatedStudent("Bo", [new Habit(mistake, 1)], Hand.Careful);
                foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
                {
                    Response response = own.Attempt(made.Item, student, new SeededRandom(seed));
                    Mark mark = own.Mark(made.Item, response, MarkingRules.Usual);
                    if (mark.Verdict != Verdict.Accepted)
                    {
                        yield return (made.Item, response, mark);
                    }
                }
            }
        }
    }

    private static Script? Shown(Item item, Response response, Mark mark, bool mayTell) =>
        ShowMe.Of(item, null, response, mark, HouseRules.Usual, mayTell);

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Nothing_right_is_told_while_tries_are_left(string kind)
    {
        foreach ((Item item, Response response, Mark mark) in Wrong(kind))
        {
            if (Shown(item, response, mark, mayTell: false) is not Script script)
            {
                continue;
            }
            script.Answer.ShouldBeNull();
            AnsweredStep[] steps = [.. ExerciseKinds.Of(item).Steps(item, response)];
            // What the student wrote, and by how much an instrument lies off, may happen to be the same number.
            HashSet<string> free =
            [
                .. Degrees().Matches(Any.Said(item)).Select(m => m.Value),
                .. steps.OfType<ReadingStep>().Select(s => $"{s.Given:0.#}°"),
                .. steps.OfType<DrawingStep>().Select(s => $"{s.Given:0.#}°"),
                "90°",
                "180°",
                "360°",
            ];
            string told = string.Join(
                ' ',
                script.Steps.SelectMany(s =>
                    s.State.Figures.Select(f => f.Written.Said())
                        .Concat(s.State.Notes.Select(n => n.Text.Said()))
                        .Append(s.Key == "lying" ? "" : s.Caption.Said())
                        .Append(s.Question?.Text.Said() ?? "")
                )
            );
            string[] found = [.. Degrees().Matches(told).Select(m => m.Value)];
            foreach (AnsweredStep step in steps.Where(s => s.Degrees is not null))
            {
                if (!free.Contains(step.Answer.Said()))
                {
                    found.ShouldNotContain(
                        step.Answer.Said(),
                        $"{kind} {mark.LikelyCause}: {told}"
                    );
                }
            }
        }
    }

    // One corner was misread: that corner is shown, not the first.
    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(2)]
    public void Of_several_angles_the_one_that_was_misread_is_shown(int corner)
    {
        var item = KindTrial
            .Made<FigureAnglesItem>("figure-angles")
            .First(i => i.Corners.Count == 3);
        double[] read =
        [
            .. Enumerable
                .Range(0, 3)
                .Select(i =>
                    Math.Round(ExerciseKinds.Of(item).Steps(item, null)[i].Degrees!.Value)
                ),
        ];
        read[corner] = 180 - read[corner];
        var response = new FigureAnglesResponse(read[0], read[1], read[2], read.Sum());
        Mark mark = ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);
        mark.LikelyCause.ShouldBe(MistakeCatalogue.Get<OtherScale>().Key);
        Script script = Shown(item, response, mark, mayTell: true)!;
        script.Key.ShouldBe("wrong-other-scale");
        foreach (Step step in script.Steps)
        {
            Figure(step).Vertex.ShouldBe(item.Corners[corner]);
            step.State.Figures[0].Names!.Vertex.ShouldBe("ABC"[corner].ToString());
        }
    }

    private static Angle Figure(Step step) => step.State.Figures[0].Angle;

    // To replay how the wrong one was taken for the right one on the right one would tell which it is.
    [Fact]
    public void Which_of_several_is_right_is_not_shown_while_tries_are_left()
    {
        int tried = 0;
        foreach ((Item item, Response response, Mark mark) in Wrong("exactly"))
        {
            var exactly = (ExactlyItem)item;
            Point right = exactly.Angles.First(a => a.Measure == exactly.Asked).Vertex;
            Script? script = Shown(item, response, mark, mayTell: false);
            (script?.Steps ?? []).ShouldAllBe(s =>
                s.State.Figures.All(f => f.Angle.Vertex != right)
            );
            tried++;
        }
        tried.ShouldBeGreaterThan(3);
    }

    [Fact]
    public void A_wrong_drawing_is_shown_as_a_drawing()
    {
        int shown = 0;
        foreach ((Item item, Response response, Mark mark) in Wrong("draw"))
        {
            if (Shown(item, response, mark, mayTell: false) is Script script)
            {
                script.Key.ShouldStartWith("drawn-");
                script.Steps[^1].Key.ShouldBe("remedy");
                shown++;
            }
        }
        shown.ShouldBeGreaterThan(10);
    }

    [GeneratedRegex(@"\d+(?:\.\d+)?°")]
    private static partial Regex Degrees();
}
