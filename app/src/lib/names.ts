/** As long as a name in a class file may be. */
const mostOfName = 200;

/** The name with something after it, the name itself cut where both would be too long. */
export const withSuffix = (name: string, suffix: string) =>
  name.slice(0, mostOfName - suffix.length) + suffix;

/** The name of the next of its kind: “Close” is followed by “Close 2”, that by “Close 3”. */
export function nextName(name: string): string {
  const [, stem, number] = /^(.*?)(?: (\d{1,4}))?$/s.exec(name)!;
  return withSuffix(stem!, ` ${Number(number ?? 1) + 1}`);
}

/** The name of a copy. */
export const copyName = (name: string) =>
  /, once more(?: \d+)?$/.test(name) ? nextName(name) : withSuffix(name, ', once more');
