import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine';
import {
  draggable,
  dropTargetForElements,
  monitorForElements,
} from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
import { attachClosestEdge, extractClosestEdge } from '@atlaskit/pragmatic-drag-and-drop-hitbox/closest-edge';

/** Where something that is being dragged would go. */
export interface Landing {
  id: string;
  where: 'before' | 'after' | 'into';
}

/** Lines and sets that are dragged over the score; what moving them means is told by `onmove`. */
export class Dragging {
  carried = $state<string | null>(null);
  landing = $state.raw<Landing | null>(null);

  constructor(private onmove: (id: string, landing: Landing) => void) {}

  /** Listens while the score is there. */
  watch = () =>
    monitorForElements({
      onDragStart: ({ source }) => (this.carried = String(source.data.id)),
      onDrag: ({ location }) => (this.landing = landingOf(location.current.dropTargets[0]?.data)),
      onDrop: ({ location, source }) => {
        const landing = landingOf(location.current.dropTargets[0]?.data);
        [this.carried, this.landing] = [null, null];
        if (landing) this.onmove(String(source.data.id), landing);
      },
    });

  /** An item of the class: taken up by its handle, and others are put before or after it. */
  item = (id: string) => (element: HTMLElement) =>
    combine(
      draggable({
        element,
        dragHandle: element.querySelector('[data-grip]') ?? element,
        getInitialData: () => ({ id }),
      }),
      dropTargetForElements({
        element,
        getData: ({ input }) =>
          attachClosestEdge({ id }, { input, element, allowedEdges: ['top', 'bottom'] }),
      }),
    );

  /** A section or a set: items are put at its end. */
  into = (id: string) => (element: HTMLElement) =>
    dropTargetForElements({ element, getData: () => ({ id, into: true }) });

  at(id: string, where: Landing['where']): boolean {
    return this.landing?.id === id && this.landing.where === where;
  }
}

function landingOf(data: Record<string | symbol, unknown> | undefined): Landing | null {
  if (!data) return null;
  const id = String(data.id);
  if (data.into) return { id, where: 'into' };
  return { id, where: extractClosestEdge(data) === 'top' ? 'before' : 'after' };
}
