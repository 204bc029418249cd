<script lang="ts">
  import Safety from './Safety.svelte';

  const key = 'ample-tide.safety-read';
  let read = $state(localStorage.getItem(key) !== null);

  function understood() {
    localStorage.setItem(key, '1');
    read = true;
    document.querySelector<HTMLElement>('h1')?.focus();
  }
</script>

{#if !read}
  <div class="mx-8 mb-6 rounded-2xl bg-sand px-6 py-5 max-md:mx-4" role="region" aria-label="Safety">
    <Safety />
    <button class="press-deep mt-4" onclick={understood}>Understood</button>
  </div>
{/if}
