<script lang="ts">
  import { onMount } from 'svelte';

  interface Props {
    label: string;
    /** What the list says when nothing is chosen. */
    any: string;
    value: string;
    options: readonly (readonly [string, string])[];
  }

  let { label, any, value = $bindable(), options }: Props = $props();

  // Nobody opens a list at first sight: it is filled when the first cards stand.
  let isFilled = $state(value !== '');
  onMount(() => {
    const later = setTimeout(() => (isFilled = true));
    return () => clearTimeout(later);
  });
</script>

<label class="flex flex-col gap-0.5 text-[13.5px] text-muted">
  {label}
  <select
    class="min-h-10 max-w-[210px] max-md:max-w-full rounded-[10px] bg-sand px-3 text-[15px] text-ink"
    bind:value
  >
    <option value="">{any}</option>
    {#if isFilled}
      {#each options as [id, name] (id)}<option value={id}>{name}</option>{/each}
    {/if}
  </select>
</label>
