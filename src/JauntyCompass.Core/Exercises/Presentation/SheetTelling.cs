using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Presentation;

/// <summary>Puts a sheet into words: its angles, what a drawing begins with, the instrument that lies on it.</summary>
public static class SheetTelling
{
    /// <summary>A sheet whose angles are figures; a kind whose sheet holds other things tells of them itself.</summary>
    public static ToldSheet Of(ItemView view)
    {
        IReadOnlyList<Figure> figures = view.Sheet.Figures;
        var sentences = new List<Message>();
        var places = new List<ToldPlace>();
        foreach (Figure figure in figures)
        {
            sentences.AddRange(
                figure.Names is AngleNames names
                    ? ToldAngles.Named(figure.Angle, names, figure.Mark)
                    : ToldAngles.Called(Text.Heard.AnAngle, figure.Angle)
            );
            places.Add(ToldAngles.PlaceOf(figure.Angle, figure.Names));
        }
        if (figures.Count > 0)
        {
            sentences.Insert(0, ToldAngles.Unit);
        }
        if (view.Drawing is DrawingTask drawing)
        {
            sentences.AddRange(Beginning(drawing));
            if (drawing.BaseRay is BaseRay ray)
            {
                places.Add(
                    new ToldPlace(
                        // Not rounded: an instrument that lies exactly along the ray must find its zero there.
                        ray.Vertex,
                        [
                            new ToldRay(
                                Text.Heard.Arm(drawing.Names.StartRay),
                                ray.Vertex.Towards(ray.Direction, ray.Length)
                            ),
                        ]
                    )
                );
            }
        }
        // Said once, before the first place.
        if (places.Count > 0)
        {
            sentences.Insert(0, Text.Heard.FromMiddle);
        }
        return new ToldSheet(sentences, Laid(view), places);
    }

    private static IEnumerable<Message> Beginning(DrawingTask drawing)
    {
        if (drawing.BaseRay is not BaseRay ray)
        {
            yield return Text.Heard.EmptySheet(drawing.Names.Vertex);
            yield break;
        }
        yield return Text.Heard.Vertex(drawing.Names.Vertex, ToldAngles.Place(ray.Vertex));
        yield return Text.Heard.FirstArm(
            drawing.Names.StartRay,
            ray.Length,
            ToldAngles.Turned(ray.Direction)
        );
        yield return Text.Heard.Draws(drawing.Opening);
    }

    // How the instruments lie on the first angle, and what stands on its arms.
    private static List<Message> Laid(ItemView view)
    {
        var sentences = new List<Message>();
        Figure? figure = view.Sheet.Figures.Count > 0 ? view.Sheet.Figures[0] : null;
        Protractor? instrument = view.Laid ?? view.InHand;
        foreach (LaidInstrument laid in view.Sheet.Instruments)
        {
            if (figure is null || instrument is null || instrument.Id != laid.InstrumentId)
            {
                continue;
            }
            LaidAngle lies = LaidAngle.Of(figure.Angle, instrument, laid.Placement);
            sentences.Add(
                Text.Heard.Lies(InstrumentWords.Name(instrument), PlacementSentences.Lying(lies))
            );
            foreach (WhichArm arm in new[] { WhichArm.Start, WhichArm.End })
            {
                sentences.Add(OnArm(lies, arm, figure.Names));
            }
        }
        return sentences;
    }

    private static Message OnArm(in LaidAngle lies, WhichArm arm, AngleNames? names)
    {
        Message name = ToldAngles.NameOf(arm, names);
        IReadOnlyList<Message> standing = PlacementSentences.Standing(lies, arm);
        return standing.Count > 0 ? Text.Heard.Stands(name, standing) : Text.Heard.NoMarks(name);
    }
}
