<script lang="ts">
  import Search from '@lucide/svelte/icons/search';

  interface Props {
    placeholder: string;
    /** What is searched, for those who do not see the placeholder. */
    label: string;
    value: string;
  }

  let { placeholder, label, value = $bindable() }: Props = $props();
</script>

<label class="field-round flex min-h-11 w-full max-w-sm items-center gap-2 rounded-xl bg-sand px-3">
  <Search size={18} aria-hidden="true" class="text-muted" />
  <input
    class="min-h-11 w-full bg-transparent placeholder:text-muted"
    type="search"
    {placeholder}
    aria-label={label}
    bind:value
  />
</label>

<style>
  /* The ring goes round all of the field, its glass included. */
  .field-round:has(:focus-visible) {
    outline: 3px solid var(--deep);
    outline-offset: 2px;
  }
  input:focus-visible {
    outline: none;
  }
</style>
