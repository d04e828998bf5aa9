using JauntyCompass.Core.Randomness;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong;

/// <summary>How the class is asked what went wrong: a silence first, then a question whose right answer stands anywhere.</summary>
internal static class Guessing
{
    private const int Choices = 4;

    // The others are taken from so many of the likeliest.
    private const int Likeliest = 6;

    /// <summary>Everybody looks, and nobody says anything yet.</summary>
    internal static void Silence(Storyboard board) =>
        board.Step(
            "silence",
            Text.Demonstrations.Labels.Silence,
            Text.Demonstrations.WentWrong.Silence
        );

    /// <summary>A question with the right guess among others, shuffled.</summary>
    /// <param name="text">The question.</param>
    /// <param name="right">The right guess.</param>
    /// <param name="others">What else might be guessed, the likeliest first.</param>
    /// <param name="key">Of the demonstration: the same demonstration of the same angle asks in the same order.</param>
    /// <param name="measure">The measure of the angle, in degrees.</param>
    internal static Question Of(
        Message text,
        Message right,
        IEnumerable<Message> others,
        string key,
        double measure
    )
    {
        SeededRandom random = SeededRandom.Named(0, key, (int)Math.Round(measure * 10));
        List<Message> wrong = [.. others.Take(Likeliest)];
        random.Shuffle(wrong);
        List<Message> choices = [right, .. wrong.Take(Choices - 1)];
        random.Shuffle(choices);
        return new Question(text, choices, choices.IndexOf(right));
    }
}
