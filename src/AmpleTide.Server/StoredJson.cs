using System.Text.Json;
using System.Text.Json.Serialization;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Logbook;

namespace AmpleTide.Server;

/// <summary>What is kept as JSON: evenings and words. What must not be missing is not null either.</summary>
[JsonSourceGenerationOptions(JsonSerializerDefaults.Web)]
[JsonSerializable(typeof(Taught))]
[JsonSerializable(typeof(TeacherWords))]
[JsonSerializable(typeof(List<DemoEvening>))]
public sealed partial class StoredJson : JsonSerializerContext
{
    /// <summary>For what comes from outside, and goes as it came.</summary>
    public static StoredJson Checked { get; } =
        new(
            new(JsonSerializerDefaults.Web)
            {
                NumberHandling = JsonNumberHandling.Strict,
                DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
                RespectNullableAnnotations = true,
                RespectRequiredConstructorParameters = true,
            }
        );
}
