using AmpleTide.Core.Catalogue;

namespace AmpleTide.Server.Contracts;

/// <summary>What the teacher chose once for all classes.</summary>
/// <param name="Names">Which names moves go by.</param>
public sealed record Preferences(NameKind Names);
