using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>What demonstrations require of the instrument so that it can be laid on at all.</summary>
internal static class LayingFaults
{
    /// <summary>Requires a zero that can lie on an arm of the angle. Asked only of what is right so far.</summary>
    internal static void NeedsZero(DemonstrationTask task, ValidationErrors errors)
    {
        if (errors.None && StandardPlacement.Of(task.Angle, task.Names, task.Instrument) is null)
        {
            errors.Add("instrument", "has no scale whose zero can lie on an arm of this angle.");
        }
    }

    /// <summary>Requires an arm that turns and locks, and such a zero.</summary>
    internal static void NeedsArm(DemonstrationTask task, ValidationErrors errors)
    {
        if (task.Instrument.Arm is null)
        {
            errors.Add("instrument", "must have an arm that turns and locks.");
        }
        NeedsZero(task, errors);
    }
}
