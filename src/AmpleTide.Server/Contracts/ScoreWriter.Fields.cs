using System.Text.Json;

namespace AmpleTide.Server.Contracts;

// The names of the answer's fields.
internal static partial class ScoreWriter
{
    // Encoded once; a third of the time of writing goes into names otherwise.
    private static class Field
    {
        public static readonly JsonEncodedText
            Advice = JsonEncodedText.Encode("advice"), Ask = JsonEncodedText.Encode("ask"), Because = JsonEncodedText.Encode("because"),
            Condition = JsonEncodedText.Encode("condition"), From = JsonEncodedText.Encode("from"), Instead = JsonEncodedText.Encode("instead"),
            Links = JsonEncodedText.Encode("links"), People = JsonEncodedText.Encode("people"), Swaps = JsonEncodedText.Encode("swaps"),
            After = JsonEncodedText.Encode("after"), Amount = JsonEncodedText.Encode("amount"), Arc = JsonEncodedText.Encode("arc"),
            Area = JsonEncodedText.Encode("area"), Areas = JsonEncodedText.Encode("areas"), AtMs = JsonEncodedText.Encode("atMs"),
            Axes = JsonEncodedText.Encode("axes"), Axis = JsonEncodedText.Encode("axis"), Before = JsonEncodedText.Encode("before"),
            Breath = JsonEncodedText.Encode("breath"), Cautions = JsonEncodedText.Encode("cautions"), Class = JsonEncodedText.Encode("class"),
            Cue = JsonEncodedText.Encode("cue"), Events = JsonEncodedText.Encode("events"), ExtensionMs = JsonEncodedText.Encode("extensionMs"),
            Findings = JsonEncodedText.Encode("findings"), Fixes = JsonEncodedText.Encode("fixes"), FlexionMs = JsonEncodedText.Encode("flexionMs"),
            FromMs = JsonEncodedText.Encode("fromMs"), Id = JsonEncodedText.Encode("id"), Kind = JsonEncodedText.Encode("kind"),
            Label = JsonEncodedText.Encode("label"), Ledgers = JsonEncodedText.Encode("ledgers"), Left = JsonEncodedText.Encode("left"),
            LeftMs = JsonEncodedText.Encode("leftMs"), Level = JsonEncodedText.Encode("level"), Line = JsonEncodedText.Encode("line"),
            Lines = JsonEncodedText.Encode("lines"), MinusMs = JsonEncodedText.Encode("minusMs"), Move = JsonEncodedText.Encode("move"),
            Movements = JsonEncodedText.Encode("movements"), Ms = JsonEncodedText.Encode("ms"), None = JsonEncodedText.Encode("none"),
            Occurrences = JsonEncodedText.Encode("occurrences"), Of = JsonEncodedText.Encode("of"), Open = JsonEncodedText.Encode("open"),
            Pauses = JsonEncodedText.Encode("pauses"), Phase = JsonEncodedText.Encode("phase"),
            PlusMs = JsonEncodedText.Encode("plusMs"), Position = JsonEncodedText.Encode("position"), Practice = JsonEncodedText.Encode("practice"),
            Prop = JsonEncodedText.Encode("prop"), Props = JsonEncodedText.Encode("props"), Right = JsonEncodedText.Encode("right"),
            RightMs = JsonEncodedText.Encode("rightMs"), RotationMs = JsonEncodedText.Encode("rotationMs"), Round = JsonEncodedText.Encode("round"),
            Rule = JsonEncodedText.Encode("rule"), Section = JsonEncodedText.Encode("section"), Set = JsonEncodedText.Encode("set"),
            Side = JsonEncodedText.Encode("side"), SideBendMs = JsonEncodedText.Encode("sideBendMs"), Sides = JsonEncodedText.Encode("sides"),
            StartMs = JsonEncodedText.Encode("startMs"), Step = JsonEncodedText.Encode("step"), Steps = JsonEncodedText.Encode("steps"), Talk = JsonEncodedText.Encode("talk"),
            TalkMs = JsonEncodedText.Encode("talkMs"), Text = JsonEncodedText.Encode("text"), Tide = JsonEncodedText.Encode("tide"),
            Time = JsonEncodedText.Encode("time"), To = JsonEncodedText.Encode("to"), ToMs = JsonEncodedText.Encode("toMs"),
            TotalMs = JsonEncodedText.Encode("totalMs"), Unit = JsonEncodedText.Encode("unit"), WayMissing = JsonEncodedText.Encode("wayMissing"),
            Ways = JsonEncodedText.Encode("ways"), What = JsonEncodedText.Encode("what"), Why = JsonEncodedText.Encode("why");
    }
}
