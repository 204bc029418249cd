import { isMap, isSeq, parseDocument, type Document } from 'yaml';
import { axesOf } from './axes';

type Path = readonly (string | number)[];

const phaseAnew = { breath: 'stay', cue: { long: 'Stay and breathe', short: 'Stay' } };

// What counts phases (from 1 in the text, from 0 here) follows them: the picture, and which phases an option is for.
function renumber(doc: Document, to: (phase: number) => number | null) {
  const options = doc.getIn([0, 'options']);
  const lists = [
    [0, 'picture'],
    ...(isMap(options) ? options.items.map((o) => [0, 'options', String(o.key), 'phases']) : []),
  ];
  for (const path of lists) {
    const value = doc.getIn(path);
    const counted = isSeq(value) ? (value.toJSON() as number[]) : typeof value === 'number' ? [value] : [];
    if (counted.length === 0) continue;
    const kept = counted.map((n) => to(n - 1)).filter((n) => n !== null);
    if (kept.length === 0) doc.deleteIn(path);
    else
      doc.setIn(
        path,
        isSeq(value)
          ? doc.createNode(
              kept.map((n) => n + 1),
              { flow: true },
            )
          : kept[0]! + 1,
      );
  }
}

/**
 * A move while it is being made. The text is the truth; fields, sliders and drags are edits of it that leave the rest, comments
 * included, as it was written.
 */
export class OwnMoveText {
  text = $state('');
  private past = $state.raw<string[]>([]);
  private future = $state.raw<string[]>([]);
  /** Edits of one field in a row are one step back. */
  private lastPath = '';

  readonly doc: Document = $derived(parseDocument(this.text));
  /** Whether the text can be shown as fields. */
  readonly readable = $derived(
    this.doc.errors.length === 0 && isSeq(this.doc.contents) && isMap(this.doc.getIn([0])),
  );
  readonly canUndo = $derived(this.past.length > 0);
  readonly canRedo = $derived(this.future.length > 0);

  begin(text: string) {
    this.text = text;
    [this.past, this.future, this.lastPath] = [[], [], ''];
  }

  get(path: Path): unknown {
    const value = this.readable ? this.doc.getIn([0, ...path]) : undefined;
    return value && typeof value === 'object' && 'toJSON' in value
      ? (value as { toJSON(): unknown }).toJSON()
      : value;
  }

  word(path: Path): string {
    const value = this.get(path);
    return value === undefined || value === null ? '' : String(value);
  }

  set(path: Path, value: unknown) {
    this.edit(path.join('.'), (doc) =>
      doc.setIn([0, ...path], typeof value === 'object' ? doc.createNode(value) : value),
    );
  }

  remove(path: Path) {
    this.edit('', (doc) => doc.deleteIn([0, ...path]));
  }

  /** Writes angles of a phase; a name of both sides takes the place of the two, and one of a side stands beside it. */
  shape(phase: number, angles: Record<string, number>, step = 'drag') {
    this.edit(`${phase}.${step}`, (doc) => {
      const path = [0, 'phases', phase, 'shape'];
      if (!isMap(doc.getIn(path))) doc.setIn(path, doc.createNode({}, { flow: true }));
      for (const [name, degrees] of Object.entries(angles)) {
        for (const axis of axesOf(name)) if (axis !== name) doc.deleteIn([...path, axis]);
        doc.setIn([...path, name], Math.round(degrees) || 0);
      }
    });
  }

  addPhase(after: number) {
    this.edit('', (doc) => {
      const phases = doc.getIn([0, 'phases']);
      if (isSeq(phases)) phases.items.splice(after + 1, 0, doc.createNode(phaseAnew));
      renumber(doc, (phase) => (phase > after ? phase + 1 : phase));
    });
  }

  removePhase(phase: number) {
    this.edit('', (doc) => {
      doc.deleteIn([0, 'phases', phase]);
      renumber(doc, (other) => (other === phase ? null : other > phase ? other - 1 : other));
    });
  }

  /** One up (−1) or down (1). */
  movePhase(phase: number, by: number) {
    this.edit('', (doc) => {
      const phases = doc.getIn([0, 'phases']);
      if (isSeq(phases)) phases.items.splice(phase + by, 0, ...phases.items.splice(phase, 1));
      renumber(doc, (other) => (other === phase ? phase + by : other === phase + by ? phase : other));
    });
  }

  /** Takes over what was typed as text. */
  type(text: string) {
    if (text === this.text) return;
    this.remember('text');
    this.text = text;
  }

  undo() {
    const before = this.past.at(-1);
    if (before === undefined) return;
    [this.past, this.future, this.text] = [this.past.slice(0, -1), [...this.future, this.text], before];
    this.lastPath = '';
  }

  redo() {
    const after = this.future.at(-1);
    if (after === undefined) return;
    [this.past, this.future, this.text] = [[...this.past, this.text], this.future.slice(0, -1), after];
    this.lastPath = '';
  }

  private edit(path: string, change: (doc: Document) => void) {
    if (!this.readable) return;
    const doc = parseDocument(this.text);
    change(doc);
    const text = doc.toString({ lineWidth: 0 });
    if (text === this.text) return;
    this.remember(path);
    this.text = text;
  }

  private remember(path: string) {
    if (path === '' || path !== this.lastPath) this.past = [...this.past, this.text];
    this.lastPath = path;
    this.future = [];
  }
}
