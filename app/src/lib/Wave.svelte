<script lang="ts">
</script>

<svg width="36" height="26" viewBox="0 0 34 24" aria-hidden="true">
  <path d="M1 16c5 0 6-9 12-9s6 9 11 9 5-5 9-5v12H1z" fill="var(--water-top)" />
  <path
    d="M1 16c5 0 6-9 12-9s6 9 11 9 5-5 9-5"
    fill="none"
    stroke="var(--water-line)"
    stroke-width="2.4"
    stroke-linecap="round"
  />
</svg>
