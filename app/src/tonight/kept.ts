import type { ClassFile } from '../lib/api/client';

interface Kept {
  at: number;
  document: ClassFile;
}

const keyOf = (id: string) => `ample-tide.tonight.${id}`;

// What was set for one evening is not for the next.
const lastsMs = 12 * 3600_000;

/** The class as it was set for tonight, or null. */
export function tonightOf(id: string): ClassFile | null {
  try {
    const kept = JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null') as Kept | null;
    return kept && Date.now() - kept.at < lastsMs ? kept.document : null;
  } catch {
    return null;
  }
}

export function keepTonight(id: string, document: ClassFile): boolean {
  try {
    localStorage.setItem(keyOf(id), JSON.stringify({ at: Date.now(), document } satisfies Kept));
    return true;
  } catch {
    return false;
  }
}

export const forgetTonight = (id: string) => localStorage.removeItem(keyOf(id));
