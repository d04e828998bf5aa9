using System.Text.Json.Nodes;
using System.Xml.Linq;
using FsCheck.Xunit;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Files;

public class ExerciseFilesTests
{
    private static SetFile AnySet(int seed)
    {
        var specification = new SetSpecification(
            [.. ExerciseKinds.All.Select(k => new KindCount(k.Key, 1))],
            Tilt: Tilt.Mixed,
            Arms: ArmLengths.Mixed,
            Theme: Theme.Harbour,
            Forms: 3,
            BaseRays: BaseRays.Mixed
        );
        GeneratedSet set = SetGenerator.Generate(specification, seed);
        return SetFile.Of(
            "All kinds",
            specification,
            seed,
            set.GeneratorVersion,
            [.. set.Items.Select(i => i.Item)],
            set.Forms
        );
    }

    private static AnswersFile AnyAnswers(int seed)
    {
        SetFile set = AnySet(seed);
        var student = new SimulatedStudent(
            "Bo",
            [Habit.Of<OtherScale>(0.5), Habit.Of<GapAtVertex>(0.5)],
            Hand.Careful
        );
        var random = new SeededRandom(seed);
        return AnswersFile.Of(
            set.Title,
            2,
            [
                .. set.Items.Select(
                    (item, i) =>
                    {
                        ExerciseKind kind = ExerciseKinds.Of(item);
                        Response response = kind.Attempt(item, student, random);
                        return new AnswerInFile(
                            1,
                            i,
                            1,
                            i + 1,
                            item,
                            response,
                            [kind.Mark(item, response, MarkingRules.Usual)]
                        );
                    }
                ),
            ]
        );
    }

    [Property(MaxTest = 15)]
    public void Sets_and_answers_of_every_kind_go_round_through_their_files_unchanged(ushort seed)
    {
        RoundTrip(AnySet(seed), SetFile.LongestText);
        RoundTrip(AnyAnswers(seed), AnswersFile.LongestText);
        RoundTrip(
            SpecificationFile.Of("Wishes", AnySet(seed).Specification),
            SpecificationFile.LongestText
        );
    }

    private static void RoundTrip<T>(T file, int longest)
        where T : class, IValidatable
    {
        string text = JsonFile.Write(file);
        var errors = new ValidationErrors();
        T? read = JsonFile.Read<T>(text, longest, errors);
        errors.Found.ShouldBeEmpty();
        JsonFile.Write(read!).ShouldBe(text);
    }

    [Theory]
    [InlineData("\"version\": 2", "\"version\": 3", "another version")]
    [InlineData(
        "\"format\": \"jaunty-set\"",
        "\"format\": \"jaunty-spoon\"",
        "not a file of the right kind"
    )]
    [InlineData("\"seed\": 5", "\"seed\": -5", "text.seed: Use a number")]
    [InlineData(
        "\"generatorVersion\": 10",
        "\"generatorVersion\": 11",
        "text.generatorVersion: Use a number"
    )]
    [InlineData("\"kind\": \"compare\"", "\"kind\": \"juggle\"", "a kind of exercise that exists")]
    [InlineData(
        "\"forms\": [",
        "\"forms\": [[],",
        "text.forms[0]: There must be 26 questions, as in the first version."
    )]
    public void A_broken_set_names_the_line(string whole, string broken, string says)
    {
        string text = JsonFile.Write(AnySet(5));
        // At its last place: further up the same words belong to the specification.
        int at = text.LastIndexOf(whole, StringComparison.Ordinal);
        at.ShouldBeGreaterThan(0);
        string edited = text[..at] + broken + text[(at + whole.Length)..];
        var errors = new ValidationErrors();
        JsonFile.Read<SetFile>(edited, SetFile.LongestText, errors).ShouldBeNull();
        string told = string.Join(" ", errors.Found.Select(f => $"{f.Field}: {f.Message.Said()}"));
        told.ShouldContain(says);
        told.ShouldMatch("See line [0-9]+ of the file");
    }

    [Fact]
    public void A_file_that_is_cut_anywhere_is_refused_and_never_half_taken()
    {
        string text = JsonFile.Write(AnySet(8));
        for (int length = 0; length < text.Length - 1; length += 997)
        {
            var errors = new ValidationErrors();
            JsonFile.Read<SetFile>(text[..length], SetFile.LongestText, errors).ShouldBeNull();
            errors.Found.ShouldNotBeEmpty();
        }
    }

    [Fact]
    public void Every_file_has_a_schema_that_names_its_parts()
    {
        foreach (string name in Schemas.Names)
        {
            JsonNode schema = Schemas.Of(name)!;
            schema["title"]!.GetValue<string>().ShouldBe($"jaunty-{name}");
            schema["properties"]!["format"].ShouldNotBeNull(name);
        }
        string set = Schemas.Of("set")!.ToJsonString();
        foreach (ExerciseKind kind in ExerciseKinds.All)
        {
            set.ShouldContain($"\"const\":\"{kind.Key}\"");
        }
        Schemas.Of("spoon").ShouldBeNull();
    }

    [Property(MaxTest = 10)]
    public void Every_item_is_drawn_as_well_formed_svg_in_millimetres(ushort seed)
    {
        foreach (Item item in AnySet(seed).Items)
        {
            XElement svg = XElement.Parse(
                SheetSvg.Of(ExerciseKinds.Of(item).Present(item, HouseRules.Usual), Phrasing.Usual)
            );
            XNamespace ns = "http://www.w3.org/2000/svg";
            svg.Name.ShouldBe(ns + "svg");
            svg.Attribute("width")!.Value.ShouldEndWith("mm");
            svg.Element(ns + "title")!.Value.ShouldBe(Any.Said(item));
            svg.ToString().ShouldNotContain("NaN");
        }
    }
}
