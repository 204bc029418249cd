<script lang="ts">
  import type { OwnMoveText } from './ownMove.svelte';

  const { move }: { move: OwnMoveText } = $props();

  let area: HTMLTextAreaElement | undefined = $state();

  /** Puts the cursor on a line, which is selected. */
  export function goTo(line: number) {
    if (!area) return;
    const lines = move.text.split('\n');
    const from = lines.slice(0, line - 1).join('\n').length + (line > 1 ? 1 : 0);
    area.focus();
    area.setSelectionRange(from, from + (lines[line - 1]?.length ?? 0));
  }
</script>

<p class="mb-3 max-w-prose text-muted">
  Written as the catalogue writes moves. Each phase says which angles change, in degrees. Right is written,
  left is made from it.
</p>
<textarea
  bind:this={area}
  value={move.text}
  oninput={(event) => move.type(event.currentTarget.value)}
  class="h-[560px] w-full resize-y rounded-2xl bg-raised p-4 font-mono text-[13.5px] leading-relaxed ring-1 ring-line"
  spellcheck="false"
  wrap="off"
  aria-label="The move's text"></textarea>
