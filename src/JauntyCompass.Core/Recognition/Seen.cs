namespace JauntyCompass.Core.Recognition;

/// <summary>
/// What is known of a thing that may have been there: it was seen, nobody could look, or it was looked for and was not there. The last two
/// are never taken for each other: of what nobody saw nothing is held against anyone.
/// </summary>
/// <typeparam name="T">What it is.</typeparam>
public readonly record struct Seen<T>
    where T : struct
{
    internal Seen(T? value, bool isAbsent) => (Value, IsAbsent) = (value, isAbsent);

    /// <summary>What was seen, or null.</summary>
    public T? Value { get; }

    /// <summary>Whether it was seen.</summary>
    public bool IsKnown => Value is not null;

    /// <summary>Whether it is known that it was not there.</summary>
    public bool IsAbsent { get; }

    /// <summary>Whether nobody could look.</summary>
    public bool IsUnknown => Value is null && !IsAbsent;
}

/// <summary>Makes what is known of a thing.</summary>
public static class Seen
{
    /// <summary>It was seen.</summary>
    public static Seen<T> Known<T>(T value)
        where T : struct => new(value, isAbsent: false);

    /// <summary>Nobody could look.</summary>
    public static Seen<T> Unknown<T>()
        where T : struct => default;

    /// <summary>It was not there.</summary>
    public static Seen<T> Absent<T>()
        where T : struct => new(null, isAbsent: true);

    /// <summary>What was seen; or where nothing was, whether that is because it was not there.</summary>
    public static Seen<T> Of<T>(T? value, bool elseAbsent)
        where T : struct =>
        value is T known ? Known(known)
        : elseAbsent ? Absent<T>()
        : Unknown<T>();
}
