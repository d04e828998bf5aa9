namespace JauntyCompass.Core.Checking;

/// <summary>
/// Data that may come from outside and therefore states its own allowed ranges.
/// The rest of the core takes checked data for granted.
/// </summary>
public interface IChecked
{
    /// <summary>Reports every value outside its allowed range; reports nothing when all is well.</summary>
    /// <param name="faults">Collects what is wrong, under the path of the value it belongs to.</param>
    void Check(Faults faults);
}
