using JauntyCompass.Core.Instruments;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>Says what was done well: the work, not the child.</summary>
public static class Praise
{
    // Laid as well as a hand can. Common practice, no source.
    private const double GoodCentre = 1.5;
    private const double GoodZeroLine = 1.5;

    /// <summary>Praise for the way the instrument was laid on, or null.</summary>
    public static Message? ForPlacing(MarkingContext context)
    {
        if (context.IsFixed || context.Laid is not LaidAngle laid)
        {
            return null;
        }
        bool centre = laid.Alignment.CentreOffset <= GoodCentre;
        bool line = Math.Abs(laid.Alignment.ZeroLineOff) <= GoodZeroLine;
        return (centre, line) switch
        {
            (true, true) => Text.Marks.Praise.Placed,
            (true, false) => Text.Marks.Praise.Centre,
            (false, true) => Text.Marks.Praise.ZeroLine,
            _ => null,
        };
    }
}
