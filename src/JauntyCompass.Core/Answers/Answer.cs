using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>
/// An answer: the right one, a student's, or one that a mistake leads to. Its type holds how it is written, and when two answers of
/// the type are the same one; answers of two types never are.
/// </summary>
public abstract record Answer
{
    /// <summary>As it is written.</summary>
    public abstract Message Text { get; }

    /// <summary>In degrees; null when it is no number of degrees.</summary>
    public virtual double? Degrees => null;

    /// <summary>Whether another answer can be told from this one where answers may be a little off.</summary>
    /// <param name="other">The other answer.</param>
    /// <param name="tolerance">Degrees by which what is measured may be off; what is exact has no tolerance.</param>
    public abstract bool IsApartFrom(Answer other, double tolerance);
}

/// <summary>An answer that a hand measures: it may be off by a tolerance, and two that are near enough are the same.</summary>
public abstract record MeasuredAnswer : Answer;

/// <summary>An answer that is right or is not, however near it comes: it has no tolerance, and no hand makes it better or worse.</summary>
public abstract record ExactAnswer : Answer
{
    /// <summary>How many wrong answers of this type one may come to by guessing, where nothing else tells.</summary>
    public abstract int UsualWrong { get; }

    /// <inheritdoc/>
    public sealed override bool IsApartFrom(Answer other, double tolerance) => !Equals(other);
}
