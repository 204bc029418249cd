<script lang="ts">
  import Header from '../lib/Header.svelte';

  const { page = false }: { page?: boolean } = $props();
  const signs = [
    'sharp, spreading or tingling pain',
    'pain in the chest, breathlessness or fainting',
    'double vision, trouble speaking or swallowing',
    'the worst headache of their life, all of a sudden',
    'a limb that goes weak, numbness around the saddle, a change of bladder or bowel',
    'bleeding, contractions or a loss of fluid in pregnancy',
    'a calf that is swollen and painful',
  ];
</script>

{#if page}<Header here="shelf" />{/if}
<svelte:element this={page ? 'main' : 'section'} class={page ? 'mx-auto max-w-2xl px-6 pb-16' : ''}>
  <h2 class={page ? 'text-[28px]' : 'text-[19px]'}>Before anybody moves</h2>
  <p class="mt-2 max-w-prose">
    Ample Tide helps to plan classes that ease tension. It does not treat anything and knows nobody who comes.
    What it says about conditions is common practice from memory, not medical advice. People with a condition
    ask their doctor or physiotherapist first, and a clinician's word, your training body, your insurer and
    local rules come before anything said here.
  </p>
  <p class="mt-2 max-w-prose">
    Advice on a move rests on three things: what its author says, what its shapes show, and what kind of move
    it is; the stricter counts, and each advice says which. <i>Smaller</i>, <i>another way</i> and
    <i>leave out</i> are where to begin, not where to end: whoever moves decides, and pain decides over all. What
    is not listed is not proven safe, it is only not known to be a problem. Moves of your own are judged by their
    shapes alone until somebody who knows has looked at them.
  </p>
  <h3 class="mt-4 font-bold">Stop, and get help, at</h3>
  <ul class="mt-1 list-disc pl-5">
    {#each signs as sign (sign)}<li>{sign}</li>{/each}
  </ul>
</svelte:element>
