namespace JauntyCompass.Core.Marking;

/// <summary>An answer that a mistake would give.</summary>
/// <param name="Degrees">The answer, in degrees.</param>
/// <param name="Spread">
/// Standard deviation in degrees where the mistake does not fix the answer; 0 where it does (but for the hand's own noise).
/// </param>
/// <param name="Weight">How often it comes to this answer beside the mistake's others.</param>
public readonly record struct Outcome(double Degrees, double Spread, double Weight = 1);

/// <summary>The few answers that one mistake would give in one context. Lives on the stack.</summary>
public ref struct Outcomes
{
    /// <summary>The most answers one mistake can give.</summary>
    public const int Most = 8;

    private readonly Span<Outcome> _room;

    /// <summary>Makes an empty list.</summary>
    /// <param name="room">Where to keep it; at least <see cref="Most"/> long.</param>
    public Outcomes(Span<Outcome> room)
    {
        _room = room;
        Count = 0;
    }

    /// <summary>How many answers there are.</summary>
    public int Count { get; private set; }

    /// <summary>One of the answers.</summary>
    public readonly Outcome this[int index] => _room[index];

    /// <summary>The weights of all answers together.</summary>
    public readonly double Weight
    {
        get
        {
            double sum = 0;
            for (int i = 0; i < Count; i++)
            {
                sum += _room[i].Weight;
            }
            return sum;
        }
    }

    /// <summary>Adds an answer.</summary>
    /// <param name="degrees">The answer, in degrees; what no instrument could show (below 0, above 360) is left out.</param>
    /// <param name="spread">How far the answer may stray, in degrees.</param>
    /// <param name="weight">How often it comes to this answer beside the mistake's others.</param>
    public void Add(double degrees, double spread = 0, double weight = 1)
    {
        if (degrees is >= 0 and <= 360 && Count < _room.Length)
        {
            _room[Count++] = new Outcome(degrees, spread, weight);
        }
    }

    /// <summary>Forgets all answers.</summary>
    public void Clear() => Count = 0;
}
