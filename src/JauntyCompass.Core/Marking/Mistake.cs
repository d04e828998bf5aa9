using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking;

/// <summary>What looking at a drawing shows of one mistake.</summary>
/// <param name="Amount">How much of it there is, in mm, or 1 for a plain fact.</param>
/// <param name="Likelihood">Probability that it is more than the hand's own noise, 0 to 1.</param>
/// <param name="Serious">Whether the drawing cannot stand with it, even at the right number of degrees.</param>
public readonly record struct Observation(double Amount, double Likelihood, bool Serious);

/// <summary>
/// One way of going wrong. A mistake states what it would lead to, what of it can be seen, and what to say about it. It knows
/// nothing of markers, kinds of exercise or other mistakes; they know nothing of it but this.
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
    public abstract string Name { get; }

    /// <summary>
    /// How often a wrong answer comes of it where it can be made at all, as a share of the wrong answers there, before anything
    /// is known. Common practice, no source.
    /// </summary>
    public abstract double Prior { get; }

    /// <summary>Whether someone can be said to have it as a habit: what comes of the noise of a hand is none.</summary>
    public virtual bool CanBeHabit => true;

    /// <summary>Whether its answers lie so near the right ones that the noise of a hand may look like it.</summary>
    public virtual bool IsWithinNoise => false;

    /// <summary>Whether it is made with the straightedge, after a dot at the right number.</summary>
    public virtual bool IsOfRuling => false;

    /// <summary>Whether it is made in laying the instrument on, so that none who never did can make it.</summary>
    public virtual bool IsOfPlacing => false;

    /// <summary>Whether it leaves the centre mark off the vertex.</summary>
    public virtual bool LeavesCentreOff => false;

    /// <summary>Whether it needs a second scale (true), an only one (false), or can be made with either (null).</summary>
    public virtual bool? NeedsTwoScales => null;

    /// <summary>Whether it can be made with an instrument that has so many scales.</summary>
    internal bool CanBeMadeOn(Protractor instrument) =>
        NeedsTwoScales is not bool two || two == instrument.Scales.Count > 1;

    /// <summary>What helps against it, in one sentence for the teacher.</summary>
    public abstract string Remedy { get; }

    /// <summary>The instrument on which it is shown where none is chosen.</summary>
    public virtual Protractor ShownOn => InstrumentCatalogue.DeskHalfCircle;

    /// <summary>
    /// Key of a demonstration that tells of it, for a mistake that cannot be replayed at any angle; null for others.
    /// </summary>
    public virtual string? Demonstration => null;

    /// <summary>Adds the answers this mistake would give. A mistake that cannot show here adds none.</summary>
    /// <param name="context">The true context.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="outcomes">Where to add them.</param>
    public virtual void Predict(
        MarkingContext context,
        DrawnFigure? figure,
        ref Outcomes outcomes
    ) { }

    /// <summary>Looks for this mistake on a drawing. Null: not to be seen, or not a thing that can be seen.</summary>
    public virtual Observation? Observe(DrawnFigure figure) => null;

    /// <summary>
    /// Looks for this mistake in how the instrument lies: the probability, 0 to 1, that it is more than the hand's own noise. Null:
    /// no mistake of laying it on, or not known how it lies.
    /// </summary>
    public virtual double? SeenInPlacing(MarkingContext context) => null;

    /// <summary>Tells the student, without giving the right answer away.</summary>
    public abstract Feedback Tell(MistakeStory story);

    /// <summary>Draws what happened over the student's sheet, or null when there is nothing to draw.</summary>
    public virtual MarkPicture? Draw(MistakeStory story) => null;

    /// <summary>
    /// How this mistake looks when it is made at an angle: how the instrument lies, along which scale is counted and how far,
    /// what is written. Null when it cannot be shown at this angle with this instrument.
    /// </summary>
    /// <param name="laid">The instrument laid well, with a scale in use.</param>
    public virtual MeasuringExample? Show(in LaidAngle laid) => null;

    /// <summary>How this mistake looks when it is made in drawing an angle, or null when it cannot be shown.</summary>
    /// <param name="asked">The angle asked for; its start arm is the base ray.</param>
    /// <param name="instrument">The instrument.</param>
    public virtual DrawingExample? ShowDrawn(Angle asked, Protractor instrument) => null;
}

/// <summary>A mistake of looking, naming or thinking that needs no instrument to be made.</summary>
/// <param name="key">Short unique name.</param>
/// <param name="name">Its name in a few words.</param>
/// <param name="prior">How often a wrong answer comes of it. Common practice, no source.</param>
public abstract class ChoiceMistake(string key, string name, double prior) : Mistake
{
    /// <inheritdoc/>
    public sealed override string Key => key;

    /// <inheritdoc/>
    public sealed override string Name => name;

    /// <inheritdoc/>
    public sealed override double Prior => prior;

    /// <inheritdoc/>
    public sealed override Feedback Tell(MistakeStory story) => Tell(story.Say);

    /// <summary>Tells the student, in the class's words.</summary>
    public abstract Feedback Tell(Speech say);
}

/// <summary>A drawing as it comes out with a mistake.</summary>
/// <param name="From">Where the second ray starts.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Dot">The dot it was drawn by.</param>
/// <param name="Arc">A point in the opening that is marked.</param>
public sealed record DrawingExample(Point From, Point To, Point Dot, Point Arc)
{
    private const double OutsideRim = 1.5;
    private const double BeyondRim = 13;
    private const double ArcRadius = 14;

    /// <summary>A drawing without a mistake, from which those with one differ.</summary>
    internal static DrawingExample Well(Angle asked, Protractor instrument) =>
        new(
            asked.Vertex,
            asked.Vertex.Towards(asked.End, instrument.EdgeRadius + BeyondRim),
            asked.Vertex.Towards(asked.End, instrument.EdgeRadius + OutsideRim),
            asked.Vertex.Towards(asked.Bisector, ArcRadius)
        );
}

/// <summary>A mistake as it is made on the sheet.</summary>
/// <param name="Placement">How the instrument lies.</param>
/// <param name="Scale">Index of the scale that is counted along.</param>
/// <param name="CountedTo">How far is counted, in degrees on that scale.</param>
/// <param name="Answer">What is written in the end, in degrees.</param>
public sealed record MeasuringExample(
    Placement Placement,
    int Scale,
    double CountedTo,
    double Answer
);

/// <summary>All that a mistake may need to tell its story.</summary>
/// <param name="Context">The true context.</param>
/// <param name="Answer">What the answer came to, in degrees.</param>
/// <param name="Figure">The drawing, when one was made.</param>
/// <param name="Say">How the class says things.</param>
public sealed record MistakeStory(
    MarkingContext Context,
    double Answer,
    DrawnFigure? Figure,
    Speech Say
)
{
    /// <summary>What was done well with the instrument, or null.</summary>
    public string? Praise => Marking.Praise.ForPlacing(Context, Words);

    /// <summary>The class's words.</summary>
    public Words Words => Say.Words;
}
