namespace JauntyCompass.Server.Api;

/// <summary>Limits that the whole interface keeps to.</summary>
public static class Limits
{
    /// <summary>The largest request body, in kB of 1024 bytes.</summary>
    public const int BodyKilobytes = 256;

    /// <summary>The header that carries the anti-forgery token.</summary>
    public const string AntiforgeryHeader = "X-Jaunty-Token";
}
