using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>
/// Every answer that a predictions says a mistake would give, given: on every kind, with every instrument. Common practice, no source.
/// </summary>
public class AnswersOfMistakesTests
{
    private const double Tolerance = 2;

    // Nearer than this, in degrees, two numbers are one for a hand that reads with a degree of noise.
    private const double Alike = 4;

    // So near the base ray nobody sees a second one.
    private const double LeastDrawn = 5;

    public static TheoryData<string> Kinds => [.. ExerciseKinds.All.Select(k => k.Key)];

    /// <summary>An answer of a mistake at a step of an item.</summary>
    private sealed record Case(
        Item Item,
        AnsweredStep Step,
        Mistake Mistake,
        Answer Answer,
        bool IsAlone
    )
    {
        internal Protractor? Instrument => (Item as InstrumentItem)?.Instrument;

        internal Response Response => WrittenAnswer.Of(Item, Step, Answer);

        internal Judgement Judged =>
            ExerciseKinds
                .Of(Item)
                .Steps(Item, Response)
                .Single(s => s.Key == Step.Key)
                .Judge(MarkingRules.Usual);

        public override string ToString() =>
            $"{Mistake.Key} answers {Answer.Text} at “{Step.Title}”, which is {Step.Answer}, of “{Item.Prompt}” with {Instrument?.Id}";
    }

    private static IEnumerable<Case> Cases(string kind)
    {
        IReadOnlyList<Protractor> instruments = KindTrial.InstrumentsFor(kind);
        for (int seed = 0; seed < 2 * instruments.Count; seed++)
        {
            Protractor instrument = instruments[seed % instruments.Count];
            var spec = new SetSpecification(
                [new KindCount(kind, instrument.IsFine ? 5 : 1)],
                Tilt: Tilt.Mixed,
                Instrument: instrument.Id,
                Tolerance: Tolerance
            );
            foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
            {
                foreach (Case each in Cases(made.Item))
                {
                    yield return each;
                }
            }
        }
    }

    private static IEnumerable<Case> Cases(Item item) =>
        from step in ExerciseKinds.Of(item).Steps(item, null)
        // What comes out of a construction depends on how far the compass slipped: what is told beforehand is only an example.
        where step is not ConstructedStep
        let all = step.Predict(Tolerance).ToList()
        from predicted in all
        where predicted.Shows
        from answer in predicted.Answers
        where step is not DrawingStep || answer.Degrees is >= LeastDrawn and <= 360 - LeastDrawn
        select new Case(
            item,
            step,
            predicted.Mistake,
            answer,
            !all.Any(o => o != predicted && o.Answers.Any(a => !a.IsApartFrom(answer, Alike)))
                && (step.Degrees is not double truth || Far(answer, truth))
        );

    private static bool Far(Answer answer, double truth) =>
        answer.Degrees is not double degrees || Math.Abs(degrees - truth) > Alike;

    [Theory]
    [MemberData(nameof(Kinds))]
    public void None_is_accepted_and_every_one_is_weighed(string kind)
    {
        int tried = 0;
        foreach (Case each in Cases(kind))
        {
            Judgement judged = each.Judged;
            if (IsTheOtherWay(each))
            {
                continue;
            }
            judged.Verdict.ShouldNotBe(Verdict.Accepted, each.ToString());
            if (!IsAmbiguous(each, judged.LikelyCause))
            {
                judged
                    .Causes.Select(c => c.Mistake)
                    .ShouldContain(each.Mistake.Key, each.ToString());
            }
            tried++;
        }
        tried.ShouldBeGreaterThan(10);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Where_no_other_gives_the_like_it_is_named(string kind)
    {
        foreach (Case each in Cases(kind).Where(c => c.IsAlone && !IsTheOtherWay(c)))
        {
            string? named = each.Judged.LikelyCause;
            if (!IsAmbiguous(each, named))
            {
                named.ShouldBe(each.Mistake.Key, each.ToString());
            }
        }
    }

    // Where two do, neither is told for certain: the other one may be named, or none, but never a third.
    [Theory]
    [MemberData(nameof(Kinds))]
    public void Where_others_give_the_like_it_is_among_the_likely_ones_or_one_of_them_is(
        string kind
    )
    {
        foreach (Case each in Cases(kind).Where(c => !c.IsAlone))
        {
            Judgement judged = each.Judged;
            if (judged.LikelyCause is null or Diagnosis.NotExplained or "slip" or "laid-off")
            {
                continue;
            }
            string[] near =
            [
                .. each
                    .Step.Predict(Tolerance)
                    .Where(f => f.Answers.Any(a => !a.IsApartFrom(each.Answer, Alike)))
                    .Select(f => f.Mistake.Key),
            ];
            if (!IsAmbiguous(each, judged.LikelyCause))
            {
                near.ShouldContain(judged.LikelyCause, each.ToString());
            }
        }
    }

    // What is left of 180 for a part of a reflex angle, beside the right whole: that is how it is found the other way.
    private static bool IsTheOtherWay(Case each) =>
        each is { Step: { Key: "part", Degrees: double part }, Answer.Degrees: double answer }
        && Math.Abs(part + answer - 180) <= Alike + 1;

    /// <summary>Mistakes that nobody can tell apart by the answer; docs/marking.md states the same.</summary>
    private static bool IsAmbiguous(Case each, string? named) =>
        (each.Mistake.Key, named) switch
        {
            // A neighbouring graduation read and its digits swapped comes to the same: 57, read as 58, is written 85.
            (
                "graduations-as-two-or-five"
                    or "end-of-edge-at-vertex"
                    or "swapped-digits",
                "swapped-digits"
                    or Diagnosis.NotExplained
            ) => true,
            // On a full circle the other scale’s number, dotted, lies on the other side of the ray.
            ("other-scale" or "only-scale-other-way" or "ten-from-other-scale", _)
                when each.Step is DrawingStep => each.Instrument!.Shape
                == ProtractorShape.FullCircle,
            // So does any number beyond 180: 129, its digits swapped, is 192.
            (_, _) when each.Step is DrawingStep => each.Instrument!.Shape
                == ProtractorShape.FullCircle
                && each.Answer.Degrees > 180,
            _ => false,
        };
}
