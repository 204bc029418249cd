import { api, sentence } from '../lib/api/client';
import type { components } from '../lib/api/schema';

export type Words = components['schemas']['TeacherWords'];

/** What the teacher says to moves in all classes. */
class MyWords {
  all = $state.raw<Record<string, Words>>({});
  private asked: Promise<void> | null = null;

  load(): Promise<void> {
    return (this.asked ??= this.ask());
  }

  /** Keeps the words for a move, or lets go of them; says what was wrong. */
  async keep(move: string, words: Words | null): Promise<string | null> {
    try {
      const path = { params: { path: { move } } };
      const { error } = words
        ? await api.PUT('/api/words/{move}', { ...path, body: words })
        : await api.DELETE('/api/words/{move}', path);
      if (error) return sentence(error);
    } catch (problem) {
      return sentence(problem);
    }
    await this.ask();
    return null;
  }

  private async ask() {
    try {
      const { data } = await api.GET('/api/words');
      if (data) this.all = data as Record<string, Words>;
    } catch {
      this.asked = null;
    }
  }
}

export const myWords = new MyWords();

/** Nothing said yet. */
export const noWords = (): Words => ({
  opener: null,
  first: null,
  second: null,
  permission: null,
  closer: null,
  nickname: null,
  cues: {},
});
