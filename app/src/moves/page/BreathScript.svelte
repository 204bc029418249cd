<script lang="ts">
  import type { MoveDetail } from '../../lib/api/client';
  import { breathName } from '../words';

  interface Props {
    move: MoveDetail;
    /** A text as it is said for the side that is shown. */
    say: (text: string) => string;
    phase: number;
  }

  let { move: m, say, phase = $bindable() }: Props = $props();
</script>

<h2 class="text-[20px]">Breath by breath</h2>
<p class="mt-2 max-w-prose">{say(m.talkFirst)}</p>
<ol class="mt-3 space-y-1">
  {#each m.phases as p, i (i)}
    <li>
      <button
        class="grid w-full grid-cols-[64px_1fr] items-start gap-3 rounded-xl px-3 py-2 text-left hover:bg-band aria-[current]:bg-sand"
        aria-current={phase === i ? 'step' : undefined}
        onclick={() => (phase = i)}
      >
        <span class="font-bold text-deep">{breathName(p.breath)}</span>
        <span
          >{say(p.long)}
          {#each p.then as more (more)}<span class="block text-muted">{say(more)}</span>{/each}
        </span>
      </button>
    </li>
  {/each}
</ol>
{#if m.felt}<p class="mt-3 max-w-prose"><b>Felt in</b> {say(m.felt)}.</p>{/if}
{#if m.talkSecond}<p class="mt-3 max-w-prose text-muted">Second side: {say(m.talkSecond)}</p>{/if}
