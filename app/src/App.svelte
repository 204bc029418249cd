<script lang="ts">
  import Router from 'svelte-spa-router';
  import { wrap } from 'svelte-spa-router/wrap';
  import { catalogue } from './lib/catalogue.svelte';
  import Shelf from './views/shelf/Shelf.svelte';
  import Missing from './views/Missing.svelte';

  // Asked for while the view is still on its way.
  const openMoves = () => {
    void catalogue.load();
    return import('./views/moves/Moves.svelte');
  };

  const routes = {
    '/': Shelf,
    '/plan/:id/:view?': wrap({ asyncComponent: () => import('./views/plan/PlanPage.svelte') }),
    '/tonight/:id': wrap({ asyncComponent: () => import('./views/tonight/TonightPage.svelte') }),
    '/teach/:id': wrap({ asyncComponent: () => import('./views/teach/TeachPage.svelte') }),
    '/sheet/:id': wrap({ asyncComponent: () => import('./views/paper/SheetPage.svelte') }),
    '/practice/:id': wrap({ asyncComponent: () => import('./views/paper/PracticePage.svelte') }),
    '/card/:id': wrap({ asyncComponent: () => import('./views/plan/CardPage.svelte') }),
    '/moves': wrap({ asyncComponent: openMoves }),
    '/moves/:id': wrap({ asyncComponent: () => import('./views/moves/MovePage.svelte') }),
    '/write': wrap({ asyncComponent: () => import('./views/moves/OwnMove.svelte') }),
    '/write/:id': wrap({ asyncComponent: () => import('./views/moves/OwnMove.svelte') }),
    '/log': wrap({ asyncComponent: () => import('./views/log/LogPage.svelte') }),
    '/read': wrap({ asyncComponent: () => import('./views/read/ReadPage.svelte') }),
    '/new': wrap({ asyncComponent: () => import('./views/brief/NewClass.svelte') }),
    '/backup': wrap({ asyncComponent: () => import('./views/BackupPage.svelte') }),
    '/safety': wrap({ asyncComponent: () => import('./views/SafetyPage.svelte') }),
    '*': Missing,
  };
</script>

<Router {routes} />
