import { api, sentence, type Preview } from '../../lib/api/client';
import { catalogue } from '../../lib/catalogue.svelte';
import { Unsent } from '../../lib/unsent';
import { blankMove, copyOf, idOf } from '../draft';
import { OwnMoveText } from './ownMove.svelte';

/** What is wrong with the text, and in which line. */
export interface Wrong {
  line: number;
  detail: string;
}

/** The desk a move of one's own is made at: its text, how it would look, and whether it is kept. */
export class OwnMoveDesk {
  readonly move = new OwnMoveText();
  kept = $state('');
  /** The id it is stored under; null until it is kept for the first time. */
  stored = $state<string | null>(null);
  preview = $state.raw<Preview | null>(null);
  wrong = $state.raw<Wrong[]>([]);
  trouble = $state<string | null>(null);
  /** Whether what was written here last time and not kept is gone on with. */
  goesOn = $state(false);
  private unsent = new Unsent<string>('move.');
  readonly unkept = $derived(this.move.text !== this.kept);

  /** A new move, one of the teacher's own, or a copy of one of the catalogue's. */
  async begin(id: string | undefined) {
    await catalogue.load();
    [this.stored, this.trouble, this.goesOn] = [null, null, false];
    this.unsent = new Unsent(`move.${id ?? ''}`);
    const taken = (other: string) => catalogue.moves.has(other);
    if (!id) {
      this.kept = blankMove(taken);
      this.take(this.kept);
      return;
    }
    const { data, error } = await api.GET('/api/moves/{id}/text', { params: { path: { id } } });
    if (!data) {
      this.trouble = sentence(error);
      return;
    }
    // One that cannot be read any more is nobody's in the catalogue, and still the teacher's own.
    const own = catalogue.moves.get(id)?.own ?? true;
    this.stored = own ? id : null;
    this.kept = own ? data.yaml : '';
    this.take(own ? data.yaml : copyOf(data.yaml, taken));
  }

  /** Begins with a text, or goes on with what was written here and not kept. */
  private take(text: string) {
    const left = this.unsent.read();
    this.goesOn = left !== null && left !== text;
    this.move.begin(left ?? text);
  }

  /** Writes down what is not kept yet. */
  note() {
    if (this.unkept && this.move.text) this.unsent.keep(this.move.text);
  }

  /** Begins again with what is kept. */
  async startOver(id: string | undefined) {
    this.unsent.forget();
    await this.begin(id);
  }

  /** Has the text looked at. An answer about a text that has gone on meanwhile is dropped. */
  async look() {
    const text = this.move.text;
    try {
      const { data, error } = await api.POST('/api/moves/preview', { body: { yaml: text } });
      if (text !== this.move.text) return;
      this.trouble = null;
      if (data) [this.preview, this.wrong] = [data, []];
      else this.wrong = this.problemsOf(error);
    } catch (problem) {
      this.trouble = sentence(problem);
    }
  }

  async keep() {
    try {
      const yaml = this.move.text;
      const { response, error } = this.stored
        ? await api.PUT('/api/moves/{id}', { params: { path: { id: this.stored } }, body: { yaml } })
        : await api.POST('/api/moves', { body: { yaml } });
      if (!response.ok) {
        this.wrong = this.problemsOf(error);
        return;
      }
      this.kept = yaml;
      this.stored = idOf(yaml);
      this.unsent.forget();
      this.goesOn = false;
      await catalogue.again();
    } catch (problem) {
      this.trouble = sentence(problem);
    }
  }

  /** Whether it is gone. */
  async remove(): Promise<boolean> {
    if (!this.stored) return false;
    const { response, error } = await api.DELETE('/api/moves/{id}', {
      params: { path: { id: this.stored } },
    });
    if (!response.ok) {
      this.trouble = sentence(error);
      return false;
    }
    this.kept = this.move.text;
    this.unsent.forget();
    await catalogue.again();
    return true;
  }

  private problemsOf(error: unknown): Wrong[] {
    const errors = (error as { errors?: { pointer: string; detail: string }[] }).errors;
    if (!errors) this.trouble = sentence(error);
    return (errors ?? []).map((e) => ({ line: Number(e.pointer.split('/').at(-1)) || 1, detail: e.detail }));
  }
}
