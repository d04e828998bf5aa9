using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>What demonstrations require of the instrument so that it can be laid on at all.</summary>
internal static class LayingFaults
{
    /// <summary>Requires a zero that can lie on an arm of the angle. Asked only of what is right so far.</summary>
    internal static void NeedsZero(DemonstrationTask task, ValidationErrors errors)
    {
        if (errors.None && StandardPlacement.Of(task.Angle, task.Names, task.Instrument) is null)
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NoZero);
        }
    }

    /// <summary>Requires a graduation for every degree, a label for every ten, and such a zero.</summary>
    internal static void NeedsSingleDegrees(DemonstrationTask task, ValidationErrors errors)
    {
        if (task.Instrument.SmallestGraduation > 1 || task.Instrument.LabelEvery != 10)
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NeedsSingleDegrees);
        }
        NeedsZero(task, errors);
    }

    /// <summary>Requires an arm that turns and locks, and such a zero.</summary>
    internal static void NeedsArm(DemonstrationTask task, ValidationErrors errors)
    {
        if (task.Instrument.Arm is null)
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NeedsLockingArm);
        }
        NeedsZero(task, errors);
    }
}
