import type { ClassFile } from '../lib/api/client';

/** When a class is taught, as its file has it; what is not given is empty. */
export interface Evening {
  date: string;
  start: string;
  zone: string;
}

export function eveningOf(document: ClassFile): Evening {
  const series = (document.series ?? {}) as Partial<Record<keyof Evening, unknown>>;
  const text = (value: unknown) => (typeof value === 'string' ? value : '');
  return { date: text(series.date), start: text(series.start), zone: text(series.zone) };
}

/** Sets when a class is taught; what else its series says stays. A day without a date has no hour. */
export function setEvening(document: ClassFile, change: Partial<Evening>) {
  const evening = { ...eveningOf(document), ...change };
  const rest = Object.entries(document.series ?? {}).filter(([name]) => !(name in evening));
  const zone = evening.zone || Intl.DateTimeFormat().resolvedOptions().timeZone;
  const said = !evening.date
    ? {}
    : evening.start
      ? { date: evening.date, start: evening.start, zone }
      : { date: evening.date };
  const series = { ...Object.fromEntries(rest), ...said };
  if (Object.keys(series).length) document.series = series;
  else delete document.series;
}

/** As one says it: “Tue 1 Dec, 18:30”; empty where there is no date. */
export function saidEvening(document: ClassFile): string {
  const { date, start } = eveningOf(document);
  const at = new Date(`${date}T12:00:00`);
  if (Number.isNaN(at.getTime())) return '';
  const day = at.toLocaleDateString(undefined, { weekday: 'short', day: 'numeric', month: 'short' });
  return start ? `${day}, ${start}` : day;
}
