<script lang="ts">
  import { DropdownMenu } from 'bits-ui';
  import { catalogue } from '../lib/catalogue.svelte';
  import { choices, chosen } from '../lib/sides';
  import type { PlanState } from '../plan/plan.svelte';
  import SideMark from './SideMark.svelte';

  interface Props {
    plan: PlanState;
    /** The line and the button the one menu of the score stands at. */
    at: { id: string; anchor: HTMLElement; inSidedSet: boolean } | null;
    onclose: () => void;
  }

  const { plan, at, onclose }: Props = $props();

  const line = $derived(at ? plan.line(at.id) : undefined);
  const move = $derived(line ? catalogue.moves.get(line.move) : undefined);
  const asTheSet = 'as the set';
  const inSet = $derived(
    at?.inSidedSet === true && move !== undefined && move.sides !== 'circling' && move.sides !== 'none',
  );
  const now = $derived.by(() => {
    if (!move) return '';
    if (inSet && !line?.sides) return asTheSet;
    return chosen(move, line?.sides, plan.document?.conventions?.firstSide === 'left')?.word ?? '';
  });

  function choose(word: string) {
    const choice = move && choices(move).find((c) => c.word === word);
    if (at && word !== now && (choice || word === asTheSet)) plan.setSides(at.id, choice?.word);
    close();
  }

  const item = 'flex min-h-10 cursor-pointer items-center gap-3 rounded-lg px-3 data-highlighted:bg-sand';

  function close() {
    at?.anchor.focus();
    onclose();
  }
</script>

<DropdownMenu.Root
  open={at !== null}
  onOpenChange={(open) => {
    if (!open) close();
  }}
>
  <DropdownMenu.Portal>
    <DropdownMenu.Content
      customAnchor={at?.anchor ?? null}
      align="start"
      sideOffset={4}
      class="z-20 min-w-56 rounded-xl bg-raised p-1.5 shadow-lg ring-1 ring-line"
    >
      {#if move}
        <DropdownMenu.RadioGroup value={now} onValueChange={choose} aria-label="Sides of {move.name}">
          {#if inSet}
            <DropdownMenu.RadioItem value={asTheSet} class={item}>
              {#snippet children({ checked })}
                <span class="w-3" aria-hidden="true">{checked ? '•' : ''}</span>follows the set
              {/snippet}
            </DropdownMenu.RadioItem>
          {/if}
          {#each choices(move) as choice (choice.word)}
            <DropdownMenu.RadioItem value={choice.word} class={item}>
              {#snippet children({ checked })}
                <span class="w-3" aria-hidden="true">{checked ? '•' : ''}</span>
                {#each choice.said as said (said.text)}<SideMark text={said.text} side={said.side} />{/each}
                {#if choice.said.length === 1 && move.sides !== 'alternating'}<span class="text-muted"
                    >only</span
                  >{/if}
              {/snippet}
            </DropdownMenu.RadioItem>
          {/each}
        </DropdownMenu.RadioGroup>
        {#if move.rightNames}<p class="px-3 pt-1 pb-2 text-[13px] text-muted">
            Right is {move.rightNames}.
          </p>{/if}
      {/if}
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
