using JauntyCompass.Core.Checking;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>What demonstrations with a turning arm require of the instrument.</summary>
internal static class ArmFaults
{
    internal static void NeedsArm(DemonstrationTask task, Faults faults)
    {
        if (task.Instrument.Arm is null)
        {
            faults.Add("instrument", "must have an arm that turns and locks.");
        }
        else if (faults.None && Laying.Of(task.Angle, task.Names, task.Instrument) is null)
        {
            faults.Add("instrument", "has no scale whose zero can lie on an arm of this angle.");
        }
    }
}
