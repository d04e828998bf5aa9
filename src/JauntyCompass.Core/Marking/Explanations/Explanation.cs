namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How mistakes are explained to the student who made them.</summary>
/// <typeparam name="TContext">What must be known to explain them: work with an instrument, a sum, the class's words alone.</typeparam>
public abstract class Explanation<TContext>
{
    /// <summary>The mistake.</summary>
    internal abstract Mistake<TContext> OfMistake { get; }

    /// <summary>Explains it to the student, without giving the right answer away.</summary>
    public abstract Feedback Explain(TContext context);

    /// <summary>Draws what happened over the student's sheet, or null when there is nothing to draw.</summary>
    public virtual MarkPicture? Draw(TContext context) => null;
}

/// <summary>How one mistake is explained to the student who made it.</summary>
/// <typeparam name="TContext">What must be known to explain it.</typeparam>
/// <typeparam name="TMistake">The mistake.</typeparam>
public abstract class Explanation<TContext, TMistake> : Explanation<TContext>
    where TMistake : Mistake<TContext>
{
    internal sealed override Mistake<TContext> OfMistake => MistakeCatalogue.Get<TMistake>();
}
