using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Constructions;

/// <summary>How far an arc runs either way from its middle, ready to be asked of many points.</summary>
internal readonly struct ArcReach
{
    private readonly Point _centre;
    private readonly double _opening;
    private readonly double _sin;
    private readonly double _cos;
    private readonly double _half;

    internal ArcReach(in SeenArc arc)
    {
        (_centre, _opening) = (arc.Centre, arc.Opening);
        (_sin, _cos) = arc.From.Turned(arc.Sweep / 2).SinCos();
        _half = arc.Sweep * (Math.PI / 360);
    }

    /// <summary>How far the arc ends before a point of its circle, in mm along it; 0 where it reaches it.</summary>
    internal double EndsBefore(Point point)
    {
        double x = point.X - _centre.X;
        double y = point.Y - _centre.Y;
        double fromMiddle = Math.Abs(Math.Atan2(_cos * y - _sin * x, _cos * x + _sin * y));
        return Math.Max(0, fromMiddle - _half) * _opening;
    }
}
