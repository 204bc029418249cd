<script lang="ts">
  import type { Taught } from '../lib/api/client';
  import { clock } from '../lib/time';
  import { unitFor } from '../lib/words';

  const { entry }: { entry: Taught } = $props();

  type Amounts = NonNullable<Taught['lines']>[number]['planned'];
  function amounts(by: Amounts, unit: string | null | undefined): string {
    if (!unit) return '';
    const parts = [
      by.right || by.left ? `◑ ${by.right} ◐ ${by.left}` : '',
      by.none ? String(by.none) : '',
    ].filter(Boolean);
    return parts.length ? `${parts.join(', ')} ${unitFor(by.none || by.right, unit)}` : 'none';
  }
  const same = (a: Amounts, b: Amounts) => a.right === b.right && a.left === b.left && a.none === b.none;
</script>

<div class="overflow-x-auto">
  <table class="mt-2 w-full text-left text-[14.5px]">
    <thead>
      <tr class="border-b-2 border-ink">
        <th class="py-1.5 pr-3 font-bold">Line</th>
        <th class="pr-3 font-bold">Planned</th>
        <th class="pr-3 font-bold">Done</th>
        <th class="pr-3 text-right font-bold">Planned</th>
        <th class="pr-3 text-right font-bold">Taught</th>
        <th class="text-right font-bold">Off by</th>
      </tr>
    </thead>
    <tbody>
      {#each entry.lines ?? [] as line (line.line)}
        <tr class="border-b border-line">
          <td class="py-1 pr-3">{line.name}</td>
          <td class="pr-3">{amounts(line.planned, line.unit)}</td>
          <td class="pr-3" class:font-bold={!same(line.planned, line.done)}
            >{amounts(line.done, line.unit)}</td
          >
          <td class="pr-3 text-right">{clock(line.plannedMs)}</td>
          <td class="pr-3 text-right">{clock(line.realMs)}</td>
          <td class="text-right"
            >{Math.abs(line.realMs - line.plannedMs) < 1000
              ? ''
              : `${line.realMs > line.plannedMs ? '+' : '−'}${clock(line.realMs - line.plannedMs)}`}</td
          >
        </tr>
      {/each}
    </tbody>
  </table>
</div>
{#if entry.changes?.length}
  <h2 class="mt-4 font-sans text-[15px] font-bold">Changed while teaching</h2>
  <ul class="text-[14.5px]">
    {#each entry.changes as change, i (i)}<li>{clock(change.atMs)} {change.text}</li>{/each}
  </ul>
{/if}
