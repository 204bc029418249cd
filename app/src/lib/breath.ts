import type { ClassFile } from './api/client';

/** What stands over a cue: the breath it is said on, and how it leaves where the class has a way of its own. */
export function breathLabel(breath: string, conventions: ClassFile['conventions']): string {
  if (breath === 'out') return conventions?.exhaleThrough === 'mouth' ? 'out, by the mouth' : 'out';
  return breath === 'in' ? 'in' : '';
}

/** The short cues of the first breath in or out of a move: what is said within one breath stands together. */
export function cueOn(
  phases: readonly { breath: string; cue: string }[],
  breath: string,
): string | undefined {
  const from = phases.findIndex((p) => p.breath === breath);
  if (from < 0) return undefined;
  const to = phases.findIndex((p, i) => i > from && p.breath !== breath);
  return phases
    .slice(from, to < 0 ? undefined : to)
    .map((p) => p.cue)
    .join(', ');
}
