/**
 * What is being typed and was not sent yet, kept in this browser so that no reload, crash or closed tab loses it. One thing at a time under
 * each name; forgotten once it is sent.
 */
export class Unsent<T> {
  private readonly key: string;

  constructor(name: string) {
    this.key = `ample-tide.unsent.${name}`;
  }

  read(): T | null {
    try {
      return JSON.parse(localStorage.getItem(this.key) ?? 'null') as T | null;
    } catch {
      return null;
    }
  }

  keep(value: T) {
    try {
      localStorage.setItem(this.key, JSON.stringify(value));
    } catch {
      // Without storage it lives as long as the page.
    }
  }

  forget() {
    localStorage.removeItem(this.key);
  }
}
