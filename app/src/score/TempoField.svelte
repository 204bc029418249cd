<script lang="ts">
  interface Props {
    /** A factor on time: 2 takes twice as long; nothing where it is as usual. */
    tempo: number | undefined;
    onchange: (tempo: number | undefined) => void;
  }

  const { tempo, onchange }: Props = $props();

  function set(percent: number) {
    if (percent >= 50 && percent <= 200) onchange(percent === 100 ? undefined : percent / 100);
  }
</script>

<label class="block"
  >Time, % of usual
  <input
    class="field"
    type="number"
    min="50"
    max="200"
    step="5"
    title="200 takes twice as long; what is written in seconds stays"
    value={Math.round((tempo ?? 1) * 100)}
    onchange={(e) => set(e.currentTarget.valueAsNumber)}
  /></label
>
