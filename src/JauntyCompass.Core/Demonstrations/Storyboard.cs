using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations;

/// <summary>Collects the steps of a script. The sheet is changed between steps; each step keeps it as it then is.</summary>
internal sealed class Storyboard(HouseRules rules)
{
    // Letters and arrowheads stand outside what they belong to, in mm.
    private const double Margin = 9;

    // How far above its points the top of a compass is drawn at most, in mm.
    private const double CompassTop = 56;

    // A smaller part of the sheet would be magnified more than a class needs, in mm.
    private const double LeastWidth = 180;
    private const double LeastHeight = 90;

    private readonly List<Step> _steps = [];
    private readonly List<Message> _warnings = [];
    private readonly List<Point> _inView = [];

    /// <summary>How the class does things.</summary>
    internal HouseRules Rules => rules;

    /// <summary>The sheet as it is now.</summary>
    internal SheetState Sheet { get; set; } = new();

    internal void Warn(Message? warning)
    {
        if (warning is not null && !_warnings.Contains(warning))
        {
            _warnings.Add(warning);
        }
    }

    /// <summary>Keeps the sheet as it is as the next step.</summary>
    internal void Step(string key, Message label, Message caption, Question? question = null)
    {
        string unique = key;
        for (int i = 2; _steps.Exists(s => s.Key == unique); i++)
        {
            unique = $"{key}-{i}";
        }
        _steps.Add(
            new Step(
                unique,
                label,
                question,
                caption,
                rules.OwnLines?.GetValueOrDefault(key),
                Sheet
            )
        );
    }

    /// <summary>Changes one figure of the sheet.</summary>
    internal void Change(string id, Func<Figure, Figure> change) =>
        Sheet = Sheet with { Figures = [.. Sheet.Figures.Select(f => f.Id == id ? change(f) : f)] };

    /// <summary>Adds or replaces a figure.</summary>
    internal void Put(Figure figure) =>
        Sheet = Sheet with { Figures = [.. Sheet.Figures.Where(f => f.Id != figure.Id), figure] };

    /// <summary>Adds or replaces an instrument.</summary>
    internal void Lay(LaidInstrument laid) =>
        Sheet = Sheet with
        {
            Instruments = [.. Sheet.Instruments.Where(i => i.Id != laid.Id), laid],
        };

    /// <summary>Takes an instrument off the sheet, and every thread with it.</summary>
    internal void Lift(string id) =>
        Sheet = Sheet with
        {
            Instruments = [.. Sheet.Instruments.Where(i => i.Id != id)],
            Threads = [.. Sheet.Threads.Where(t => t.Id != id)],
        };

    /// <summary>Adds or replaces a line.</summary>
    internal void Rule(DrawnLine line) =>
        Sheet = Sheet with { Lines = [.. Sheet.Lines.Where(l => l.Id != line.Id), line] };

    /// <summary>Adds or replaces an arc.</summary>
    internal void Arc(CompassArc arc) =>
        Sheet = Sheet with { CompassArcs = [.. Sheet.CompassArcs.Where(a => a.Id != arc.Id), arc] };

    /// <summary>Adds or replaces a dot.</summary>
    internal void Dot(DrawnDot dot) =>
        Sheet = Sheet with { Dots = [.. Sheet.Dots.Where(d => d.Id != dot.Id), dot] };

    /// <summary>Writes something, or something else in its place.</summary>
    internal void Write(Written note) =>
        Sheet = Sheet with { Notes = [.. Sheet.Notes.Where(n => n.Id != note.Id), note] };

    /// <summary>Keeps a place in view, for words that are wider than the point they stand at.</summary>
    internal void KeepInView(Point place) => _inView.Add(place);

    /// <summary>The finished script.</summary>
    internal Script Script(
        string key,
        Message title,
        double? answer,
        params IReadOnlyList<Protractor> instruments
    ) => new(key, title, instruments, answer, _warnings, Window(instruments), _steps);

    private SheetWindow Window(IReadOnlyList<Protractor> instruments)
    {
        var box = new Box();
        foreach (Point place in _inView)
        {
            box.Take(place);
        }
        foreach (SheetState state in _steps.Select(s => s.State))
        {
            foreach (Figure figure in state.Figures)
            {
                box.Take(figure.Angle.Vertex);
                box.Take(figure.Angle.StartArm.Tip);
                box.Take(figure.Angle.EndArm.Tip);
                Angle a = figure.Angle;
                box.Take(a.Vertex.Towards(a.Start, figure.StartExtendedTo ?? 0));
                box.Take(a.Vertex.Towards(a.End, figure.EndExtendedTo ?? 0));
            }
            foreach (DrawnLine line in state.Lines)
            {
                box.Take(line.From);
                box.Take(line.To);
            }
            foreach (DrawnDot dot in state.Dots)
            {
                box.Take(dot.At);
            }
            foreach (CompassArc arc in state.CompassArcs)
            {
                box.Take(arc.Centre.Towards(arc.From, arc.Radius));
                box.Take(arc.Centre.Towards(arc.From.Turned(arc.Sweep / 2), arc.Radius));
                box.Take(arc.Centre.Towards(arc.From.Turned(arc.Sweep), arc.Radius));
            }
            if (state.Compass is LaidCompass compass)
            {
                box.Take(compass.Needle);
                box.Take(compass.Pencil);
                // Its top, as the pages draw it.
                box.Take(
                    new Point(
                        (compass.Needle.X + compass.Pencil.X) / 2,
                        (compass.Needle.Y + compass.Pencil.Y) / 2 + CompassTop
                    )
                );
            }
            foreach (Written note in state.Notes)
            {
                box.Take(note.At);
            }
            foreach (LaidInstrument laid in state.Instruments.Where(i => !i.Waiting))
            {
                TakeBody(box, instruments.First(p => p.Id == laid.InstrumentId), laid.Placement);
            }
        }
        return box.Window(Margin);
    }

    private static void TakeBody(Box box, Protractor protractor, Placement placement)
    {
        double last = protractor.Shape == ProtractorShape.HalfCircle ? 180 : 345;
        for (double bearing = 0; bearing <= last; bearing += 15)
        {
            box.Take(placement.PointAt(bearing, protractor.EdgeRadius));
        }
        if (protractor.Shape == ProtractorShape.HalfCircle)
        {
            Direction down = placement.DirectionOf(270);
            box.Take(placement.PointAt(0, protractor.HalfLength).Towards(down, protractor.Inset));
            box.Take(placement.PointAt(180, protractor.HalfLength).Towards(down, protractor.Inset));
        }
    }

    private sealed class Box
    {
        private double _left = double.MaxValue;
        private double _right = double.MinValue;
        private double _bottom = double.MaxValue;
        private double _top = double.MinValue;

        internal void Take(Point point)
        {
            _left = Math.Min(_left, point.X);
            _right = Math.Max(_right, point.X);
            _bottom = Math.Min(_bottom, point.Y);
            _top = Math.Max(_top, point.Y);
        }

        internal SheetWindow Window(double margin)
        {
            if (_left > _right)
            {
                return new SheetWindow(-LeastWidth / 2, -LeastHeight / 2, LeastWidth, LeastHeight);
            }
            double width = Math.Max(LeastWidth, _right - _left + 2 * margin);
            double height = Math.Max(LeastHeight, _top - _bottom + 2 * margin);
            return new SheetWindow(
                (_left + _right - width) / 2,
                (_bottom + _top - height) / 2,
                width,
                height
            );
        }
    }
}
