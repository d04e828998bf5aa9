using JauntyCompass.Core.Marking.Explanations;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>Work with an instrument, with all that a mistake in it may need to be explained.</summary>
/// <param name="Context">The true context.</param>
/// <param name="Answer">What the answer came to, in degrees.</param>
/// <param name="Figure">The drawing, when one was made.</param>
/// <param name="Phrasing">How the class says things.</param>
public sealed record MistakeStory(
    MarkingContext Context,
    double Answer,
    DrawnFigure? Figure,
    Phrasing Phrasing
)
{
    /// <summary>What was done well with the instrument, or null.</summary>
    public string? Praise => Marking.Praise.ForPlacing(Context, Phrasing);
}

/// <summary>
/// A mistake together with the context it needs to be explained: that the one fits the other is for the compiler to see.
/// </summary>
public sealed class MistakeInContext
{
    private readonly Func<Phrasing, Feedback> _explain;
    private readonly Func<Phrasing, MarkPicture?> _draw;

    private MistakeInContext(
        Mistake mistake,
        Func<Phrasing, Feedback> explain,
        Func<Phrasing, MarkPicture?> draw
    ) => (Mistake, _explain, _draw) = (mistake, explain, draw);

    /// <summary>The mistake.</summary>
    public Mistake Mistake { get; }

    /// <summary>A mistake that needs nothing but the class's words.</summary>
    public static MistakeInContext Of(Mistake<Phrasing> mistake) =>
        Of(mistake, phrasing => phrasing);

    /// <summary>The mistake of a type that needs nothing but the class's words.</summary>
    public static MistakeInContext Of<TMistake>()
        where TMistake : Mistake<Phrasing> => Of(MistakeCatalogue.Get<TMistake>());

    /// <summary>A mistake with its context, given how the class says things.</summary>
    public static MistakeInContext Of<TContext>(
        Mistake<TContext> mistake,
        Func<Phrasing, TContext> context
    )
    {
        Explanation<TContext> explanation = ExplanationCatalogue.Of(mistake);
        return new(
            mistake,
            phrasing => explanation.Explain(context(phrasing)),
            phrasing => explanation.Draw(context(phrasing))
        );
    }

    /// <summary>A mistake that is explained here in other words than elsewhere.</summary>
    public static MistakeInContext Of(Mistake mistake, Message happened, Message next) =>
        new(mistake, phrasing => phrasing.Feedback(null, happened, next), _ => null);

    /// <summary>Explains it to the student.</summary>
    public Feedback Explain(Phrasing phrasing) => _explain(phrasing);

    /// <summary>Draws what happened over the student's sheet, or null.</summary>
    public MarkPicture? Draw(Phrasing phrasing) => _draw(phrasing);
}
