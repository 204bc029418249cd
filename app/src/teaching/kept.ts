import { delMany, get, set } from 'idb-keyval';
import type { ClassFile } from '../lib/api/client';
import type { Plan, Tap } from './course';

/** What a class is taught from; kept once, it does not change. */
export interface Prepared {
  document: ClassFile;
  plan: Plan;
  /** The entry of the log it becomes. */
  logId: string;
}

/** When it began and what was tapped since; kept at every tap. */
export interface Under {
  logId: string;
  startedAt: number;
  taps: Tap[];
}

const keyOf = (id: string) => `ample-tide.teaching.${id}`;
const underKeyOf = (id: string) => `${keyOf(id)}.under-way`;

/** A class that is under way in this browser: it outlives the tab, the server and the network. */
export async function openKept(id: string): Promise<(Prepared & Under) | undefined> {
  const [prepared, under] = await Promise.all([get<Prepared>(keyOf(id)), get<Under>(underKeyOf(id))]).catch(
    () => [],
  );
  return prepared && under && prepared.logId === under.logId ? { ...prepared, ...under } : undefined;
}

export const forgetKept = (id: string) => delMany([keyOf(id), underKeyOf(id)]).catch(() => undefined);

/** Keeps what a class is taught from; says whether it was kept. */
export const keepPrepared = (id: string, prepared: Prepared) => keep(keyOf(id), prepared);

/** Keeps where it has got to; says whether it was kept. */
export const keepUnder = (id: string, under: Under) => keep(underKeyOf(id), under);

// One after the other, so that the last tap is what stays.
function keep(key: string, value: unknown): Promise<boolean> {
  last = last.then(() =>
    set(key, value).then(
      () => true,
      () => false,
    ),
  );
  return last;
}

let last = Promise.resolve(true);
