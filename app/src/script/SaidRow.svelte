<script lang="ts">
  import type { Said } from './script';

  interface Props {
    said: Said;
    /** The line's own words, or undefined where it has none. */
    own: string | undefined;
    /** Not while it is only read through. */
    editable: boolean;
    onchange: (text: string | null) => void;
  }
  const { said, own, editable, onchange }: Props = $props();

  const labels: Record<Said['kind'], string> = {
    way: 'way',
    prop: 'prop',
    talk: 'say',
    cue: '',
    stay: 'while staying',
    last: 'last one',
    pause: '',
  };
  const breaths: Record<string, string> = { in: 'in', out: 'out' };
  const label = $derived(labels[said.kind] || breaths[said.breath] || '');
  let editing = $state(false);
  let text = $state('');
  let area = $state<HTMLTextAreaElement>();

  function edit() {
    text = own ?? said.text;
    editing = true;
  }
  $effect(() => area?.focus());

  function done() {
    if (!editing) return;
    editing = false;
    const words = text.trim();
    if (words !== (own ?? said.text)) onchange(words || null);
  }

  function key(event: KeyboardEvent) {
    event.stopPropagation();
    if (event.key === 'Escape') editing = false;
    if (event.key === 'Enter' && !event.shiftKey) {
      event.preventDefault();
      done();
    }
  }
</script>

<div class="grid grid-cols-[104px_minmax(0,1fr)] gap-x-3 py-0.5">
  <span class="pt-0.5 text-right text-[13.5px] text-muted">{label}</span>
  {#if editing}
    <textarea
      bind:this={area}
      bind:value={text}
      class="field"
      rows="2"
      maxlength="4000"
      aria-label="Words of this line"
      onkeydown={key}
      onblur={done}></textarea>
  {:else}
    <p
      class={said.kind === 'talk' ? 'text-[17px]' : ['pause', 'prop'].includes(said.kind) ? 'text-muted' : ''}
    >
      {#if editable && said.field}
        <button
          class="min-h-6 text-left hover:bg-band"
          onclick={edit}
          title="Change these words for this line">{said.text}</button
        >
      {:else}{said.text}{/if}
      {#if own !== undefined}
        <span class="ml-1 rounded-md bg-sand px-1.5 text-[12.5px] print:hidden">my words</span>
        {#if editable}<button
            class="ml-1 inline-flex min-h-6 min-w-6 items-center text-[13px] text-muted underline underline-offset-4 print:hidden"
            onclick={() => onchange(null)}>reset<span class="sr-only"> {said.text}</span></button
          >{/if}
      {/if}
    </p>
  {/if}
</div>
