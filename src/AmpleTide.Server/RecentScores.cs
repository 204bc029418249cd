using System.Buffers;
using System.Buffers.Binary;
using System.Security.Cryptography;
using AmpleTide.Server.Answers;
using Microsoft.Extensions.Caching.Memory;

namespace AmpleTide.Server;

/// <summary>
/// Scores given lately, by the very bytes they were asked for with. A score is a pure function of the class and the catalogue, and the same
/// class is scored again whenever it is opened, undone or redone to, or lies open in a second tab.
/// </summary>
internal sealed class RecentScores : IDisposable
{
    // Room for about three hundred answers of 45 lines.
    private const long MostBytes = 8 * 1024 * 1024;

    private readonly MemoryCache kept = new(new MemoryCacheOptions { SizeLimit = MostBytes });

    /// <summary>The answer to a request that was asked before, or the one that is made now. A class that cannot be read is asked about anew each time.</summary>
    /// <param name="house">What it is computed with; another edition gives other answers.</param>
    /// <param name="withEvents">Whether events were asked for.</param>
    /// <param name="body">The request's body.</param>
    public ReadOnlyMemory<byte> Of(House house, bool withEvents, ReadOnlySequence<byte> body)
    {
        var key = new Key(house.Edition, withEvents, Hash(body));
        if (kept.TryGetValue(key, out byte[]? known)) return known;
        var answer = ScoreWriter.Bytes(house.Judge(Reading.Class(body), withEvents));
        kept.Set(key, answer, new MemoryCacheEntryOptions { Size = answer.Length });
        return answer;
    }

    /// <inheritdoc/>
    public void Dispose() => kept.Dispose();

    private readonly record struct Key(string Edition, bool WithEvents, UInt128 High, UInt128 Low)
    {
        public Key(string edition, bool withEvents, ReadOnlySpan<byte> hash)
            : this(edition, withEvents, BinaryPrimitives.ReadUInt128LittleEndian(hash), BinaryPrimitives.ReadUInt128LittleEndian(hash[16..]))
        {
        }
    }

    private static byte[] Hash(ReadOnlySequence<byte> body)
    {
        if (body.IsSingleSegment) return SHA256.HashData(body.FirstSpan);
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        foreach (var part in body) hash.AppendData(part.Span);
        return hash.GetHashAndReset();
    }
}
