namespace JauntyCompass.Core.Sheet;

/// <summary>A part of the sheet, in mm.</summary>
/// <param name="Left">Its left side.</param>
/// <param name="Bottom">Its lower side.</param>
/// <param name="Width">Its width.</param>
/// <param name="Height">Its height.</param>
public sealed record SheetWindow(double Left, double Bottom, double Width, double Height);
