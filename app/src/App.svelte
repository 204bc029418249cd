<script lang="ts">
  import Router from 'svelte-spa-router';
  import { wrap } from 'svelte-spa-router/wrap';
  import Shelf from './views/shelf/Shelf.svelte';
  import Missing from './views/Missing.svelte';

  const routes = {
    '/': Shelf,
    '/plan/:id': wrap({ asyncComponent: () => import('./views/plan/Plan.svelte') }),
    '*': Missing,
  };
</script>

<Router {routes} />
