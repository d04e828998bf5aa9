using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>Makes what a student is told of messages.</summary>
internal static class PhrasedFeedback
{
    /// <summary>Feedback as a class says it.</summary>
    /// <param name="phrasing">How the class says things.</param>
    /// <param name="praise">What was done well, or null.</param>
    /// <param name="happened">What happened; null where there is nothing to say.</param>
    /// <param name="next">What to do next; null where there is nothing to do.</param>
    internal static Feedback Feedback(
        this Phrasing phrasing,
        string? praise,
        Message? happened,
        Message? next = null
    ) =>
        new(
            praise,
            happened is null ? "" : phrasing.Say(happened),
            next is null ? "" : phrasing.Say(next)
        );

    /// <summary>A few words over a picture, as a class says them.</summary>
    internal static PictureNote Note(this Phrasing phrasing, Message words, Point at) =>
        new(phrasing.Say(words), at);
}
