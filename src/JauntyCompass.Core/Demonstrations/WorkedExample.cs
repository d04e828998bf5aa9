using JauntyCompass.Core.Lessons;

namespace JauntyCompass.Core.Demonstrations;

/// <summary>A demonstration of how an item is worked.</summary>
/// <param name="Key">Which demonstration.</param>
/// <param name="Task">What it is shown on.</param>
public sealed record WorkedExample(string Key, DemonstrationTask Task)
{
    /// <summary>The script for the very item, where a task does not say all of it; null where it does.</summary>
    public Script? Own { get; init; }

    /// <summary>The script, for the Board and for “show me”.</summary>
    public Script Script => Own ?? DemonstrationCatalogue.Find(Key)!.Build(Task);

    /// <summary>An example of something without an angle and an instrument of its own.</summary>
    /// <param name="demonstration">The demonstration that shows the like.</param>
    /// <param name="own">The script for the very item.</param>
    /// <param name="rules">How the class does things.</param>
    internal static WorkedExample Of(Demonstration demonstration, Script own, HouseRules rules) =>
        new(
            demonstration.Key,
            new DemonstrationTask(
                new(default, default, new(demonstration.Facts.UsualMeasure), default, 90, 90),
                demonstration.Facts.UsualInstrument,
                new("K", "L", "M"),
                rules
            )
        )
        {
            Own = own,
        };
}
