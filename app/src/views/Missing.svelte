<script lang="ts">
</script>

<main class="mx-auto max-w-xl p-10">
  <h1 class="text-3xl">Nothing lies here</h1>
  <p class="my-4 text-muted">The address leads to no view. Your classes are on the shelf.</p>
  <a class="press-deep inline-flex items-center" href="#/">To the shelf</a>
</main>
