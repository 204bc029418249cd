import { get, set } from 'idb-keyval';
import type { ClassFile } from '../lib/api/client';

/** What this browser keeps of a class that is being worked on: it outlives the tab, the server and the network. */
export interface Draft {
  /** The class as it is on the page. */
  now: ClassFile;
  /** The class as the server last had it, to tell one's own changes from those of others. */
  base: ClassFile;
  /** The server's tag of the base. */
  etag: string;
  /** Whether there is something in it that the server does not have. */
  unsaved: boolean;
}

const keyOf = (id: string) => `ample-tide.draft.${id}`;

export const readDraft = (id: string) => get<Draft>(keyOf(id)).catch(() => undefined);

/** Whether it was kept; a browser without storage keeps nothing. */
export const keepDraft = (id: string, draft: Draft) =>
  set(keyOf(id), draft).then(
    () => true,
    () => false,
  );
