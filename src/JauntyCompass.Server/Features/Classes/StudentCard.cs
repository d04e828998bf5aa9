using System.Globalization;
using System.Text;
using JauntyCompass.Server.Storage;
using QRCoder;

namespace JauntyCompass.Server.Features.Classes;

/// <summary>A card that signs a student in: a code that a tablet's camera reads.</summary>
internal static class StudentCard
{
    internal static CardReply Of(Student student, string address)
    {
        (int size, string path) = Code(address);
        return new CardReply(student.Id, student.GivenName, address, size, path);
    }

    /// <summary>An address as a QR code (ISO/IEC 18004): how many modules a side has, and the dark ones as an SVG path.</summary>
    internal static (int Size, string Path) Code(string address)
    {
        using var generator = new QRCodeGenerator();
        using QRCodeData data = generator.CreateQrCode(address, QRCodeGenerator.ECCLevel.M);
        var path = new StringBuilder();
        List<System.Collections.BitArray> rows = data.ModuleMatrix;
        for (int y = 0; y < rows.Count; y++)
        {
            for (int x = 0; x < rows[y].Length; x++)
            {
                int from = x;
                while (x < rows[y].Length && rows[y][x])
                {
                    x++;
                }
                if (x > from)
                {
                    path.Append(
                        CultureInfo.InvariantCulture,
                        $"M{from} {y}h{x - from}v1h{from - x}z"
                    );
                }
            }
        }
        return (rows.Count, path.ToString());
    }
}
