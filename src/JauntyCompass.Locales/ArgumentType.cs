namespace JauntyCompass.Locales;

/// <summary>What an argument of a message is, and so how it is written.</summary>
public enum ArgumentType
{
    /// <summary>A number, as the language writes it.</summary>
    Number,

    /// <summary>A number of degrees, with the sign or in words as the class has it; at most one decimal.</summary>
    Degrees,

    /// <summary>A length in millimetres, at most one decimal.</summary>
    Millimetres,

    /// <summary>Text that is the same in every language: a name, letters of a figure, what somebody typed.</summary>
    Text,

    /// <summary>One of a few, by which the catalogue chooses its words; never written itself.</summary>
    Choice,

    /// <summary>Another message.</summary>
    Message,

    /// <summary>Several messages, one after the other.</summary>
    List,
}
