using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>
/// One way of going wrong: what it is called, how common it is, where it can be made, what helps. What it leads to, what is to be seen of
/// it, how it is explained and how it is made again on the Board are four things in four places (<c>Predictions</c>, <c>Observations</c>,
/// <c>Explanations</c>, <c>Demonstrations/WentWrong/Replays</c>), each tied to it by its type. A mistake knows nothing of markers, kinds of
/// exercise or other mistakes; they refer to it by its type.
/// </summary>
public abstract class Mistake
{
    /// <summary>Short unique name, such as <c>other-scale</c>. Never changes: stored marks carry it.</summary>
    public abstract string Key { get; }

    // Marking asks for it all the time; it never changes.
    private int _place = -1;

    /// <summary>Its place in the catalogue.</summary>
    internal int Place => _place >= 0 ? _place : _place = MistakeCatalogue.PlaceOf(Key);

    /// <summary>Its name in a few words, as the end of "this student …".</summary>
    public abstract Message Name { get; }

    /// <summary>
    /// How often a wrong answer comes of it where it can be made at all, as a share of the wrong answers there, before anything
    /// is known. Common practice, no source.
    /// </summary>
    public abstract double Prior { get; }

    /// <summary>Whether someone can be said to have it as a habit: what comes of the noise of a hand is none.</summary>
    public virtual bool CanBeHabit => true;

    /// <summary>Whether its answers lie so near the right ones that the noise of a hand may look like it.</summary>
    public virtual bool IsWithinNoise => false;

    /// <summary>Whether it is seen on the sheet itself, whatever is answered: in what was drawn, or in how an instrument lay.</summary>
    public virtual bool IsSeenOnSheet => false;

    /// <summary>Whether it can be made with an instrument.</summary>
    internal virtual bool CanBeMadeOn(Protractor instrument) => true;

    /// <summary>What helps against it, in a sentence or two for the teacher.</summary>
    public abstract Message Remedy { get; }

    /// <summary>The instrument on which it is shown where none is chosen.</summary>
    public virtual Protractor ShownOn => InstrumentCatalogue.DeskHalfCircle;

    /// <summary>
    /// Key of a demonstration that tells of it, for a mistake that cannot be replayed at any angle; null for others.
    /// </summary>
    public virtual string? Demonstration => null;
}

/// <summary>A mistake that is explained in a context of some type: work with an instrument, a sum, the class's words alone.</summary>
/// <typeparam name="TContext">What must be known to explain it.</typeparam>
public abstract class Mistake<TContext> : Mistake;

/// <summary>A mistake of laying an instrument on, of reading it, or of drawing with it.</summary>
public abstract class InstrumentMistake : Mistake<MistakeStory>
{
    /// <summary>Whether it is made with the straightedge, after a dot at the right number.</summary>
    public virtual bool IsOfRuling => false;

    /// <summary>Whether it is made in laying the instrument on, so that none who never did can make it.</summary>
    public virtual bool IsOfPlacing => false;

    /// <inheritdoc/>
    public sealed override bool IsSeenOnSheet =>
        IsOfPlacing || MistakeCatalogue.DrawingOnly.Contains(this);

    /// <summary>Whether it leaves the centre mark off the vertex.</summary>
    public virtual bool LeavesCentreOff => false;

    /// <summary>Whether it needs a second scale (true), an only one (false), or can be made with either (null).</summary>
    public virtual bool? NeedsTwoScales => null;

    /// <inheritdoc/>
    internal override bool CanBeMadeOn(Protractor instrument) =>
        NeedsTwoScales is not bool two || two == instrument.Scales.Count > 1;
}

/// <summary>A mistake in computing something from readings.</summary>
public abstract class SumMistake : Mistake<SumContext>;

/// <summary>A mistake in sums of one type.</summary>
/// <typeparam name="TSum">The type of sum.</typeparam>
public abstract class SumMistake<TSum> : SumMistake
    where TSum : ISum;

/// <summary>A mistake of looking, naming or thinking that needs no instrument to be made.</summary>
/// <param name="key">Short unique name.</param>
/// <param name="name">Its name in a few words.</param>
/// <param name="prior">How often a wrong answer comes of it. Common practice, no source.</param>
public abstract class ChoiceMistake(string key, Message name, double prior) : Mistake<NoContext>
{
    /// <inheritdoc/>
    public sealed override string Key => key;

    /// <inheritdoc/>
    public sealed override Message Name => name;

    /// <inheritdoc/>
    public sealed override double Prior => prior;
}

/// <summary>A mistake in constructing with compass and straightedge.</summary>
/// <param name="key">Short unique name.</param>
/// <param name="name">Its name in a few words.</param>
/// <param name="prior">How often a wrong answer comes of it. Common practice, no source.</param>
public abstract class ConstructionMistake(string key, Message name, double prior)
    : Mistake<ConstructionReading>
{
    /// <inheritdoc/>
    public sealed override bool IsSeenOnSheet => true;

    /// <inheritdoc/>
    public sealed override string Key => key;

    /// <inheritdoc/>
    public sealed override Message Name => name;

    /// <inheritdoc/>
    public sealed override double Prior => prior;
}

/// <summary>A mistake in naming an angle.</summary>
/// <param name="key">Short unique name.</param>
/// <param name="name">Its name in a few words.</param>
/// <param name="prior">How often a wrong answer comes of it. Common practice, no source.</param>
public abstract class NamingMistake(string key, Message name, double prior)
    : ChoiceMistake(key, name, prior)
{
    /// <summary>What a name made with it is worth.</summary>
    public abstract NameVerdict Verdict { get; }
}
