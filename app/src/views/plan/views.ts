/** The views of one class, in the order of their tabs. */
export const views = [
  ['score', 'Score'],
  ['script', 'Script'],
  ['brief', 'Brief'],
  ['sides', 'Sides'],
  ['body', 'Body'],
  ['bring', 'Bring'],
  ['people', 'People'],
  ['log', 'Log'],
  ['versions', 'Versions'],
] as const;

export type View = (typeof views)[number][0];

export const viewOf = (word: string | undefined): View => views.find(([id]) => id === word)?.[0] ?? 'score';
