import type { ClassFile } from '../lib/api/client';

export type Person = NonNullable<NonNullable<ClassFile['group']>['people']>[number];
export type Complaint = Person['conditions'][number];
/** A condition somebody has, with what is known of it. */
export interface Known {
  id: string;
  side?: 'right' | 'left';
  since?: string | null;
}

/** A condition as the file writes it, with all its fields. */
export const known = (complaint: Complaint): Known =>
  typeof complaint === 'string' ? { id: complaint } : complaint;

/** As short as the file allows. */
export function written({ id, side, since }: Known): Complaint {
  if (!side && !since) return id;
  return { id, ...(side ? { side } : {}), ...(since ? { since } : {}) };
}

/** Since when, in steps that change what is advised; the file may hold any duration. */
export const sinces: readonly (readonly [string, string])[] = [
  ['', 'since when: not known'],
  ['P3W', 'for some weeks'],
  ['P8W', 'for two months'],
  ['P26W', 'for half a year'],
  ['P1Y', 'for a year or longer'],
];

/** The steps, and what the file holds if it is none of them. */
export const sincesWith = (since: string | null | undefined) =>
  since && !sinces.some(([value]) => value === since) ? [...sinces, [since, since] as const] : sinces;
