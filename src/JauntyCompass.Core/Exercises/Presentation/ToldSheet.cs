using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Presentation;

/// <summary>A ray that begins at a place, as it is called and as far as it runs.</summary>
/// <param name="Name">What it is called: <c>arm KL</c>, <c>one arm</c>.</param>
/// <param name="Tip">Where it ends, in mm.</param>
public sealed record ToldRay(Message Name, Point Tip);

/// <summary>A place that an instrument may be laid at, with the rays that begin there; the first is where measuring begins.</summary>
/// <param name="At">The vertex, in mm.</param>
/// <param name="Rays">The rays, one at least.</param>
public sealed record ToldPlace(Point At, IReadOnlyList<ToldRay> Rays)
{
    /// <summary>What it is called; null where it needs no name.</summary>
    public Message? Name { get; init; }
}

/// <summary>
/// A sheet in words, for those who listen: all that an eye sees at a glance, and nothing of the answer. How far an angle opens is told
/// as roughly as an eye takes it, in hours of a clock face; a clock face for directions is common practice with people who do not see,
/// no source.
/// </summary>
/// <param name="Sentences">What stands on the sheet.</param>
/// <param name="Laid">How the instrument lies that lies there already, and the numbers on its scales; empty when none does.</param>
/// <param name="Places">Where an instrument may be laid, so that the numbers there can be told while it is laid on.</param>
public sealed record ToldSheet(
    IReadOnlyList<Message> Sentences,
    IReadOnlyList<Message> Laid,
    IReadOnlyList<ToldPlace> Places
);
