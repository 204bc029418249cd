import type { Pause } from '../lib/api/client';
import { unitFor } from '../lib/words';

export type PauseUnit = 'breaths' | 'seconds';

/** The most of each that a class file may have. */
export const mostPause: Record<PauseUnit, number> = { breaths: 30, seconds: 600 };

export const pauseParts = (pause: Pause | undefined): { unit: PauseUnit; amount: number } =>
  typeof pause === 'object'
    ? { unit: 'seconds', amount: pause.seconds }
    : { unit: 'breaths', amount: pause ?? 0 };

/** A pause as the file has it; none where it is nothing or makes no sense. */
export function pauseFrom(unit: PauseUnit, amount: number): Pause | undefined {
  const whole = Math.round(amount);
  if (!(whole > 0)) return undefined;
  const within = Math.min(mostPause[unit], whole);
  return unit === 'seconds' ? { seconds: within } : within;
}

export function pauseText(pause: Pause | undefined): string {
  const { unit, amount } = pauseParts(pause);
  return amount === 0 ? 'none' : `${amount} ${unitFor(amount, unit)}`;
}
