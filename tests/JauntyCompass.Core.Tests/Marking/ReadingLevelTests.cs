using System.Text.RegularExpressions;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>
/// What is told to a student can be read by a ten-year-old: the reading grade of Kincaid, Fishburne, Rogers and Chissom (1975),
/// 0.39 · words / sentences + 11.8 · syllables / words − 15.59, at which grade 5 is for ages ten and eleven. The formula is from memory;
/// syllables are counted by groups of vowels. In Spanish the perspicuity of Szigriszt (1993), 206.835 − 62.3 · syllables / words −
/// words / sentences, where Barrio (2007) puts texts of primary school above 65; both from memory.
/// </summary>
public partial class ReadingLevelTests
{
    private const double OfTenYearOlds = 5.5;
    private const double MostForOneSentence = 9;
    private const int LongestSentence = 26;
    private const double OfPrimarySchool = 65;
    private const double LeastForOneText = 45;

    // Words that every lesson on angles teaches first count as short ones: the class has learned them.
    private static readonly string[] Taught =
    [
        "protractor",
        "straightedge",
        "graduation",
        "graduations",
        "degrees",
        "degree",
        "vertex",
        "opening",
    ];

    [GeneratedRegex(@"[^.!?:;]+[.!?:;]?")]
    private static partial Regex Sentence();

    [GeneratedRegex(@"[\p{L}’']+|\d+")]
    private static partial Regex Word();

    [GeneratedRegex("[aeiouy]+")]
    private static partial Regex Vowels();

    private static int Syllables(string word)
    {
        string plain = word.ToLowerInvariant();
        if (char.IsDigit(plain[0]) || Taught.Contains(plain))
        {
            return 1;
        }
        int groups = Vowels().Count(plain);
        bool silent =
            plain.Length > 2
            && plain.EndsWith('e')
            && !plain.EndsWith("le", StringComparison.Ordinal);
        return Math.Max(1, groups - (silent ? 1 : 0));
    }

    private static double Grade(string text)
    {
        string[] words = [.. Word().Matches(text).Select(m => m.Value)];
        int sentences = Sentence().Matches(text).Count(s => Word().IsMatch(s.Value));
        return 0.39 * words.Length / sentences + 11.8 * words.Sum(Syllables) / words.Length - 15.59;
    }

    private static readonly string[] TaughtInSpanish =
    [
        "transportador",
        "ángulo",
        "ángulos",
        "vértice",
        "escala",
        "escalas",
        "grados",
        "abertura",
        "exterior",
        "interior",
        "cóncavo",
        "obtuso",
        "agudo",
    ];

    [GeneratedRegex("[aeiouáéíóúü]+")]
    private static partial Regex SpanishVowels();

    // Two strong vowels, or a weak one with an accent beside another, are two syllables.
    [GeneratedRegex("[aeoáéó](?=[aeoáéó])|[íú](?=[aeoáéó])|[aeoáéó](?=[íú])")]
    private static partial Regex Hiatus();

    private static int SpanishSyllables(string word)
    {
        string plain = word.ToLowerInvariant();
        // The u of que, qui, gue and gui is not heard.
        string heard = Regex.Replace(plain, "(?<=[qg])u(?=[eiéí])", "");
        return char.IsDigit(plain[0]) || TaughtInSpanish.Contains(plain)
            ? 1
            : Math.Max(1, SpanishVowels().Count(heard) + Hiatus().Count(heard));
    }

    private static double Perspicuity(string text)
    {
        string[] words = [.. Word().Matches(text).Select(m => m.Value)];
        int sentences = Sentence().Matches(text).Count(s => Word().IsMatch(s.Value));
        return 206.835
            - 62.3 * words.Sum(SpanishSyllables) / words.Length
            - (double)words.Length / sentences;
    }

    // Every kind, worked with every habit: what students are really told.
    private static HashSet<string> Told(string language = "en")
    {
        Phrasing phrasing = Phrasing.Usual with { Language = Language.Find(language)! };
        var told = new HashSet<string>();
        foreach (ExerciseKind kind in ExerciseKinds.All)
        {
            for (int seed = 0; seed < 12; seed++)
            {
                IReadOnlyList<Protractor> all = InstrumentCatalogue.ForExercises;
                var spec = new SetSpecification(
                    [new KindCount(kind.Key, 1)],
                    Instrument: all[seed % all.Count].Id,
                    Arms: ArmLengths.Mixed
                );
                Item item = SetGenerator.Generate(spec, seed).Items[0].Item;
                foreach (Mistake mistake in kind.Mistakes)
                {
                    var student = new SimulatedStudent("Bo", [new Habit(mistake, 1)], Hand.Careful);
                    Response response = kind.Attempt(item, student, new SeededRandom(seed));
                    Feedback feedback = kind.Mark(item, response, MarkingRules.Usual).Feedback;
                    told.Add(
                        string.Join(
                            ' ',
                            new[] { feedback.Praise, feedback.Happened, feedback.Next }
                                .OfType<Message>()
                                .Select(phrasing.Say)
                        )
                    );
                }
            }
        }
        return told;
    }

    [Fact]
    public void Feedback_is_for_ten_year_olds()
    {
        string[] told = [.. Told()];
        told.Length.ShouldBeGreaterThan(80);
        told.Average(Grade).ShouldBeLessThan(OfTenYearOlds);
        foreach (string text in told)
        {
            Grade(text).ShouldBeLessThan(MostForOneSentence, text);
        }
    }

    [Fact]
    public void In_Spanish_it_is_for_primary_school()
    {
        string[] told = [.. Told("es")];
        told.Length.ShouldBeGreaterThan(80);
        told.Average(Perspicuity).ShouldBeGreaterThan(OfPrimarySchool);
        foreach (string text in told)
        {
            Perspicuity(text).ShouldBeGreaterThan(LeastForOneText, text);
        }
    }

    [Fact]
    public void No_sentence_of_it_is_long()
    {
        foreach (string text in Told())
        {
            foreach (Match sentence in Sentence().Matches(text))
            {
                Word().Count(sentence.Value).ShouldBeLessThanOrEqualTo(LongestSentence, text);
            }
        }
    }

    // Never just a cross, and never the child.
    [Fact]
    public void It_says_what_to_do_next_and_calls_nobody_anything()
    {
        foreach (string text in Told())
        {
            text.ShouldNotMatch(@"(?i)\b(wrong!|bad|stupid|clever|smart|lazy|careless|failed)\b");
        }
    }
}
