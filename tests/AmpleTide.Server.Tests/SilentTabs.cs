namespace AmpleTide.Server.Tests;

/// <summary>A tab that was killed says nothing any more; the class waits for it for a while, and no longer.</summary>
public class SilentTabs
{
    private readonly HandsOfAClock clock = new();

    [Fact]
    public void A_class_waits_for_a_silent_tab_and_then_is_free()
    {
        var teachings = new Teachings(clock);
        teachings.Take("a-class", "killed", takeOver: false, state: null);
        clock.Now += Teachings.Silence;
        Assert.Equal("killed", teachings.Take("a-class", "next", takeOver: false, state: null).Session);
        clock.Now += TimeSpan.FromTicks(1);
        Assert.Equal("next", teachings.Take("a-class", "next", takeOver: false, state: null).Session);
    }

    [Fact]
    public void Whoever_speaks_now_and_then_keeps_it()
    {
        var teachings = new Teachings(clock);
        for (var times = 0; times < 3; times++)
        {
            Assert.Equal("one", teachings.Take("a-class", "one", takeOver: false, state: null).Session);
            Assert.Equal("one", teachings.Take("a-class", "two", takeOver: false, state: null).Session);
            clock.Now += Teachings.Silence;
        }
    }

    private sealed class HandsOfAClock : TimeProvider
    {
        public DateTimeOffset Now { get; set; } = new(2026, 11, 27, 18, 30, 0, TimeSpan.Zero);

        public override DateTimeOffset GetUtcNow() => Now;
    }
}
