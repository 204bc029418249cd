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
  <h3 class="mt-4 font-bold">Stop, and get help, at</h3>
  <ul class="mt-1 list-disc pl-5">
    {#each signs as sign (sign)}<li>{sign}</li>{/each}
  </ul>
</svelte:element>
