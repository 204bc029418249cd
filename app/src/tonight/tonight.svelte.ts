import { api, sentence, type ClassFile, type Fitted, type Score } from '../lib/api/client';
import { keepTonight, forgetTonight, tonightOf } from './kept';

/** A copy of a class for one evening: who is here, what is short, how long there is. The plan stays as it was. */
export class Tonight {
  /** The class as it is planned. */
  planned = $state.raw<ClassFile | null>(null);
  /** The copy. */
  now = $state<ClassFile | null>(null);
  score = $state.raw<Score | null>(null);
  /** What fitting changed. */
  fitted = $state.raw<Fitted | null>(null);
  trouble = $state<string | null>(null);
  busy = $state(false);
  isKept = $state(false);
  private asked = 0;
  private before: string[] = $state([]);

  constructor(private readonly id: string) {}

  get canUndo() {
    return this.before.length > 0;
  }

  async load() {
    try {
      const { data, error } = await api.GET('/api/classes/{id}', { params: { path: { id: this.id } } });
      if (!data) {
        this.trouble = sentence(error);
        return;
      }
      this.planned = data as unknown as ClassFile;
      const kept = tonightOf(this.id);
      this.isKept = kept !== null;
      this.now = structuredClone(kept ?? this.planned);
      await this.workOut();
    } catch (problem) {
      this.trouble = sentence(problem);
    }
  }

  /** Changes the copy, and fits it anew where its length is another than there is time for. */
  change(edit: (document: ClassFile) => void) {
    if (!this.now) return;
    this.before.push(JSON.stringify($state.snapshot(this.now)));
    edit(this.now);
    void this.workOut();
  }

  undo() {
    const last = this.before.pop();
    if (!last) return;
    this.now = JSON.parse(last) as ClassFile;
    if (last === JSON.stringify(this.planned)) this.forget();
    else void this.workOut();
  }

  /** Back to the plan. */
  forget() {
    forgetTonight(this.id);
    this.isKept = false;
    this.before = [];
    this.now = structuredClone(this.planned);
    void this.workOut();
  }

  /** The class to be taught: fitted, where that was needed. */
  private get document(): ClassFile {
    return (this.fitted?.fits ? this.fitted.class : $state.snapshot(this.now)) as unknown as ClassFile;
  }

  private async workOut() {
    const turn = ++this.asked;
    const document = $state.snapshot(this.now) as ClassFile;
    this.busy = true;
    try {
      // The doses start from the plan again, so that a second change is not fitted on top of the first.
      // Less time is taken from all lines alike: a few that are cut to the bone would be missed.
      const body = {
        class: document as never,
        ...(document.minutes === this.planned?.minutes ? {} : { scale: 'all' }),
      };
      const { data, error } = await api.POST('/api/fit', { body });
      if (turn !== this.asked) return;
      this.trouble = error ? sentence(error) : null;
      if (data) {
        this.fitted = data as unknown as Fitted;
        this.score = this.fitted.fits ? this.fitted.after : this.fitted.before;
        if (this.before.length > 0 || this.isKept) this.isKept = keepTonight(this.id, this.document);
      }
    } catch (problem) {
      if (turn === this.asked) this.trouble = sentence(problem);
    }
    if (turn === this.asked) this.busy = false;
  }
}
