using JauntyCompass.Core.Marking.Explanations;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>Work with an instrument, with all that a mistake in it may need to be explained.</summary>
/// <param name="Context">The true context.</param>
/// <param name="Answer">What the answer came to, in degrees.</param>
/// <param name="Figure">The drawing, when one was made.</param>
public sealed record MistakeStory(MarkingContext Context, double Answer, DrawnFigure? Figure)
{
    /// <summary>What was done well with the instrument, or null.</summary>
    public Message? Praise => Marking.Praise.ForPlacing(Context);
}

/// <summary>What a mistake of looking, naming or thinking needs to be explained: nothing.</summary>
public readonly record struct NoContext;

/// <summary>
/// A mistake together with the context it needs to be explained: that the one fits the other is for the compiler to see.
/// </summary>
public sealed class MistakeInContext
{
    private readonly Func<Feedback> _explain;
    private readonly Func<MarkPicture?> _draw;

    private MistakeInContext(Mistake mistake, Func<Feedback> explain, Func<MarkPicture?> draw) =>
        (Mistake, _explain, _draw) = (mistake, explain, draw);

    /// <summary>The mistake.</summary>
    public Mistake Mistake { get; }

    /// <summary>A mistake that needs no context.</summary>
    public static MistakeInContext Of(Mistake<NoContext> mistake) => Of(mistake, default);

    /// <summary>The mistake of a type that needs no context.</summary>
    public static MistakeInContext Of<TMistake>()
        where TMistake : Mistake<NoContext> => OfType<TMistake>.InContext;

    // Where there is no context, one will do for all.
    private static class OfType<TMistake>
        where TMistake : Mistake<NoContext>
    {
        internal static readonly MistakeInContext InContext = Of(MistakeCatalogue.Get<TMistake>());
    }

    /// <summary>A mistake with its context.</summary>
    public static MistakeInContext Of<TContext>(Mistake<TContext> mistake, TContext context)
    {
        Explanation<TContext> explanation = ExplanationCatalogue.Of(mistake);
        return new(mistake, () => explanation.Explain(context), () => explanation.Draw(context));
    }

    /// <summary>A mistake that is explained here in other words than elsewhere.</summary>
    public static MistakeInContext Of(Mistake mistake, Message happened, Message next) =>
        new(mistake, () => new Feedback(null, happened, next), () => null);

    /// <summary>Explains it to the student.</summary>
    public Feedback Explain() => _explain();

    /// <summary>Draws what happened over the student's sheet, or null.</summary>
    public MarkPicture? Draw() => _draw();
}
