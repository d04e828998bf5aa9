using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations;

/// <summary>What is turned when no arm lies level.</summary>
public enum Turning
{
    /// <summary>The protractor is turned; the page stays.</summary>
    Instrument,

    /// <summary>The page is turned until the start arm lies level.</summary>
    Page,
}

/// <summary>How a class does things.</summary>
/// <param name="Turning">What is turned when no arm lies level.</param>
public sealed record HouseRules(Turning Turning = Turning.Instrument) : IChecked
{
    /// <summary>The words of the class.</summary>
    internal static Words Words => Words.Usual;

    /// <inheritdoc/>
    public void Check(Faults faults) => faults.Known("turning", Turning);
}
