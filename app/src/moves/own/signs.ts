/** What goes on at a place of the body that no shape shows, one row a place; the text has one list of places a sign. */
export interface GoingOn {
  sign: string;
  at: string;
}

export const signs = [
  ['attend', 'attention rests'],
  ['breath', 'breath flows'],
  ['sips', 'breath in sips'],
  ['straw', 'a straw in the lips'],
  ['sound', 'a sound'],
  ['whisper', 'a whisper'],
  ['shake', 'is shaken'],
  ['tap', 'is tapped'],
  ['circle', 'goes round'],
  ['turn', 'turns about its length'],
  ['outwards', 'widens, grows'],
  ['inwards', 'is pressed'],
  ['fast', 'goes fast'],
  ['even', 'in and out alike'],
  ['longer', 'out longer than in'],
  ['three-times', 'three times'],
  ['compare', 'compared with the next'],
  ['together', 'presses against the next'],
  ['apart', 'drawn apart from the next'],
] as const;

const trunk = [
  ['nose', 'nose'],
  ['forehead', 'forehead'],
  ['crown', 'crown of the head'],
  ['occiput', 'back of the head'],
  ['breastbone', 'breastbone'],
  ['back', 'upper back'],
  ['belly', 'belly'],
  ['low-back', 'low back'],
  ['sacrum', 'sacrum'],
] as const;
const sided = [
  ['temple', 'temple'],
  ['jaw', 'jaw'],
  ['shoulder-top', 'shoulder'],
  ['ribs', 'ribs'],
  ['waist', 'waist'],
  ['elbow', 'elbow'],
  ['wrist', 'wrist'],
  ['hand', 'hand'],
  ['fingertips', 'fingertips'],
  ['hip', 'hip'],
  ['thigh', 'thigh'],
  ['knee', 'knee'],
  ['shin', 'shin'],
  ['instep', 'foot'],
  ['toe-tip', 'toes'],
] as const;

/** Landmarks a sign is usually put at, with what they are called; a text may name any other. */
export const places: readonly (readonly [string, string])[] = [
  ...trunk,
  ...['right', 'left'].flatMap((side) =>
    sided.map(([id, name]) => [`${side}.${id}`, `${side} ${name}`] as const),
  ),
];

const isText = (value: unknown) => typeof value === 'string';

/** The rows of a text's field. What is no list of places is left to the text. */
export function rowsOf(field: unknown): GoingOn[] {
  if (!field || typeof field !== 'object') return [];
  return Object.entries(field).flatMap(([sign, at]) =>
    [at]
      .flat()
      .filter(isText)
      .map((place: string) => ({ sign, at: place })),
  );
}

/** The field of a text, its signs in the order of the rows; null where nothing goes on. */
export function fieldOf(rows: readonly GoingOn[]): Record<string, string[]> | null {
  if (rows.length === 0) return null;
  const field: Record<string, string[]> = {};
  for (const { sign, at } of rows) (field[sign] ??= []).push(at);
  return field;
}

/** A place that is free for another row. */
export const freePlace = (rows: readonly GoingOn[]) =>
  places.find(([id]) => !rows.some((row) => row.at === id))?.[0] ?? places[0]![0];
