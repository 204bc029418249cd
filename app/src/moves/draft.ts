/** What a new move looks like before anything is written. */
export const blank = `- id: my-move
  name: A move of my own
  kind: hold
  in: [seated-cross, chair-edge]
  dose: { breaths: [2, 3, 6] }
  talk:
    first: How to get there, in the words you say.
  phases:
    - { breath: in, shape: { shoulder.plane: 20, shoulder.elevation: 120, elbow: 10 }, cue: { long: "Lift both arms", short: "Arms lift" } }
    - { breath: stay, cue: { long: "Stay and breathe", short: "Stay" } }
    - { breath: out, shape: { shoulder.plane: 50, shoulder.elevation: 22, elbow: 40 }, cue: { long: "Lower the arms", short: "Arms lower" } }
  options:
    easier: { cue: "Lift them half as far", shape: { shoulder.elevation: 70 } }
  cautions: [Below shoulder height if a shoulder is sore]
`;

/** An id that no move has yet, beginning with the wished one. */
export function freeId(wished: string, taken: (id: string) => boolean): string {
  let id = wished;
  for (let n = 2; taken(id); n++) id = `${wished}-${n}`;
  return id;
}

/** What a new move looks like, under an id of its own. */
export const blankMove = (taken: (id: string) => boolean): string =>
  blank.replace('- id: my-move', `- id: ${freeId('my-move', taken)}`);

/** A catalogue move as the beginning of one's own: with an id and a name that are not taken. */
export function copyOf(yaml: string, taken: (id: string) => boolean): string {
  return yaml
    .replace(/^- id: (.+)$/m, (_, id: string) => `- id: ${freeId(`my-${id}`, taken)}`)
    .replace(/^( {2}name: )"?(.*?)"?$/m, (_, field: string, name: string) => `${field}"${name}, my way"`);
}

export const idOf = (yaml: string) => /^- id: *"?([a-z0-9-]+)/m.exec(yaml)?.[1] ?? 'move';
