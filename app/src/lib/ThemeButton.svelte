<script lang="ts">
  import MoonStar from '@lucide/svelte/icons/moon-star';
  import Sun from '@lucide/svelte/icons/sun';
  import { theme } from './theme.svelte';
</script>

<button class="press inline-flex items-center gap-2 print:hidden" onclick={theme.toggle}>
  {#if theme.now === 'paper'}<MoonStar size={18} aria-hidden="true" />{:else}<Sun
      size={18}
      aria-hidden="true"
    />{/if}
  <span class="max-md:sr-only">{theme.now === 'paper' ? 'Night' : 'Paper'}</span>
</button>
