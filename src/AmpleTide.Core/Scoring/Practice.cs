namespace AmpleTide.Core.Scoring;

/// <summary>Practice in its unit and in time: what is done, without the talk.</summary>
public record struct Practice
{
    /// <summary>In the unit of the dose.</summary>
    public int Amount { get; private set; }

    /// <summary>How long.</summary>
    public TimeSpan Length { get; private set; }

    /// <summary>Adds some.</summary>
    public void Add(int amount, TimeSpan length) => (Amount, Length) = (Amount + amount, Length + length);
}
