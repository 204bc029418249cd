import type { ClassFile } from './api/client';

/** What stands over a cue: the breath it is said on, and how it leaves where the class has a way of its own. */
export function breathLabel(breath: string, conventions: ClassFile['conventions']): string {
  if (breath === 'out') return conventions?.exhaleThrough === 'mouth' ? 'out, by the mouth' : 'out';
  return breath === 'in' ? 'in' : '';
}
