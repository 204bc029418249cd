/** Minutes and seconds, as a clock shows them. */
export function clock(ms: number): string {
  const seconds = Math.round(Math.abs(ms) / 1000);
  const minutes = Math.floor(seconds / 60);
  return `${minutes}:${String(seconds % 60).padStart(2, '0')}`;
}

const days = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'long' });

const moments = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** A day and the time of day. */
export function moment(iso: string): string {
  return moments.format(new Date(iso));
}

/** A day in the reader's own way of writing it. */
export function day(iso: string): string {
  return days.format(new Date(iso));
}

/** A time with the offset of the reader's own zone, so that an evening stays an evening. */
export function localIso(ms: number): string {
  const date = new Date(ms);
  const offset = -date.getTimezoneOffset();
  const shifted = new Date(ms + offset * 60_000).toISOString().slice(0, -1);
  const part = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0');
  return `${shifted}${offset < 0 ? '-' : '+'}${part(offset / 60)}:${part(offset % 60)}`;
}
