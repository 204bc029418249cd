import { api, sentence, type ClassFile } from '../lib/api/client';
import type { Tap } from './course';

/** Where a class has got to, for a tab or browser that takes it over. */
export interface Handover {
  document: ClassFile;
  startedAt: number;
  taps: Tap[];
  logId: string;
}

const everyMs = 8000;

/** Tells the server that this tab teaches a class, so that no other does at the same time. Without a server nobody is asked. */
export class Desk {
  private session = crypto.randomUUID();
  private timer: ReturnType<typeof setInterval> | undefined;
  private latest: Handover | null = null;
  private untold: Handover | null = null;
  private teaches = false;

  constructor(
    private id: string,
    private lost: (why: string) => void,
  ) {
    // Whoever closes the tab lets the class go; one that was killed is waited for.
    addEventListener('pagehide', this.letGo);
    addEventListener('pageshow', this.comeBack);
  }

  /** Takes the class: what another had of it, null where nobody had begun, or a sentence on why it is not to be had. */
  async take(takeOver: boolean): Promise<Handover | string | null> {
    try {
      const { data, error } = await this.say(takeOver);
      if (error) return sentence(error);
      this.keepOn();
      return (data?.state as unknown as Handover | undefined) ?? null;
    } catch {
      this.keepOn();
      return null;
    }
  }

  /** Tells what has changed, now and until it was heard. */
  tell(state: Handover) {
    this.latest = this.untold = state;
    void this.keep();
  }

  /** Lets the class go for good. */
  leave() {
    removeEventListener('pagehide', this.letGo);
    removeEventListener('pageshow', this.comeBack);
    this.teaches = false;
    this.letGo();
  }

  private letGo = () => {
    this.stop();
    void api
      .DELETE('/api/teaching/{id}', {
        params: { path: { id: this.id }, query: { session: this.session } },
        keepalive: true,
      })
      .catch(() => undefined);
  };

  // A page that the browser brings back from its memory teaches on, as a new tab: whoever has left is not heard any more.
  private comeBack = ({ persisted }: PageTransitionEvent) => {
    if (!persisted || !this.teaches) return;
    this.session = crypto.randomUUID();
    this.untold = this.latest;
    this.keepOn();
    void this.keep();
  };

  private keepOn() {
    this.teaches = true;
    this.timer ??= setInterval(() => void this.keep(), everyMs);
  }

  private stop() {
    clearInterval(this.timer);
    this.timer = undefined;
  }

  private async keep() {
    try {
      const { error, response } = await this.say(false);
      if (!error || response.status !== 409) return;
      this.stop();
      this.teaches = false;
      this.lost(sentence(error));
    } catch {
      // The server is not there; the class goes on from what this browser keeps.
    }
  }

  private async say(takeOver: boolean) {
    const state = this.untold;
    const said = await api.PUT('/api/teaching/{id}', {
      params: { path: { id: this.id } },
      body: { session: this.session, takeOver, ...(state ? { state: state as never } : {}) },
    });
    if (said.data && this.untold === state) this.untold = null;
    return said;
  }
}
