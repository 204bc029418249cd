import { api, sentence, type ClassFile, type Taught } from '../lib/api/client';
import { catalogue } from '../lib/catalogue.svelte';
import { TabDraft } from '../saving/draft';
import { Chimes } from './chimes';
import { act, advance, replay, type Act, type Course, type Plan, type Tap } from './course';
import { tonightOf } from '../tonight/kept';
import { Desk, type Handover } from './desk';
import { forgetKept, keepPrepared, keepUnder, openKept, type Prepared, type Under } from './kept';
import { logOf } from './log';
import { momentOf, type Moment } from './moment';
import { prepare } from './prepare';
import { ScreenLock } from './screenLock';

export type Status = 'loading' | 'preparing' | 'ready' | 'running' | 'over' | 'elsewhere' | 'trouble';

/** A class that is being taught: fetched first, then run by the clock and by taps, and kept at each of them. */
export class Teaching {
  status = $state<Status>('loading');
  /** How much has been fetched, from 0 to 1. */
  fetched = $state(0);
  trouble = $state('');
  document = $state.raw<ClassFile | null>(null);
  plan = $state.raw<Plan | null>(null);
  moment = $state.raw<Moment | null>(null);
  paused = $state(false);
  notice = $state<string | null>(null);
  canTakeBack = $state(false);
  /** Where the browser keeps nothing, a reload would lose the class. */
  unkept = $state(false);
  log = $state.raw<Taught | null>(null);
  private readonly chimes = new Chimes();
  chimesOn = $state(this.chimes.on);

  private readonly desk: Desk;
  private readonly screen = new ScreenLock();
  private readonly leaving = new AbortController();
  private prepared: Prepared | null = null;
  private under: Under | null = null;
  private course: Course | null = null;
  private frame = 0;

  constructor(private id: string) {
    this.desk = new Desk(id, (why) => this.lose(why));
  }

  /** Opens the class: one that is under way goes on, any other is fetched. */
  async open(takeOver = false): Promise<void> {
    const had = await this.desk.take(takeOver);
    if (typeof had === 'string') return this.lose(had);
    const kept = await openKept(this.id);
    if (kept) return this.goOn(kept, kept);
    await this.fetch(had);
  }

  /** The class begins now. */
  begin() {
    if (!this.prepared) return;
    this.goOn(this.prepared, { logId: this.prepared.logId, startedAt: Date.now(), taps: [] });
  }

  tap(what: Act) {
    const { plan, course } = this;
    if (!plan || !course || this.status !== 'running') return;
    const tap: Tap = { at: Math.max(Date.now(), course.now), act: what };
    this.under!.taps.push(tap);
    act(plan, course, tap);
    this.keep();
    this.show();
  }

  /** As if the last tap had never been; a pause is ended, not taken back. */
  takeBack() {
    const { plan, under } = this;
    const last = under?.taps.findLastIndex((t) => isUndoable(t)) ?? -1;
    if (!plan || !under || last < 0 || this.status !== 'running') return;
    under.taps.splice(last, 1);
    this.course = replay(plan, under.startedAt, under.taps, Date.now());
    this.course.notice = 'Taken back.';
    this.keep();
    this.show();
  }

  /** Ends the class here, before its last line. */
  end() {
    const { course } = this;
    if (!course) return;
    advance(this.plan!, course, Date.now());
    course.endedAt ??= course.now;
    this.show();
  }

  toggleChimes() {
    this.chimes.toggle();
    this.chimesOn = this.chimes.on;
  }

  /** Keeps the entry of the log, and lets go of the class. */
  async write(entry: Taught): Promise<string | null> {
    try {
      const { error } = await api.PUT('/api/log/{id}', {
        params: { path: { id: entry.id! } },
        body: entry,
      });
      if (error) return sentence(error);
    } catch (problem) {
      return sentence(problem);
    }
    await this.drop();
    return null;
  }

  /** Lets go of the class without an entry. */
  async drop() {
    await forgetKept(this.id);
    this.desk.leave();
  }

  close() {
    this.leaving.abort();
    cancelAnimationFrame(this.frame);
    this.screen.release();
    this.chimes.close();
    this.desk.leave();
  }

  private async fetch(had: Handover | null) {
    try {
      this.status = 'preparing';
      const document = had?.document ?? (await classOf(this.id));
      this.document = document;
      const plan = await prepare(document, (share) => (this.fetched = share), this.leaving.signal);
      const prepared = { document, plan, logId: had?.logId ?? crypto.randomUUID() };
      this.unkept = !(await keepPrepared(this.id, prepared));
      this.prepared = prepared;
      this.plan = plan;
      if (had) this.goOn(prepared, had);
      else this.status = 'ready';
    } catch (problem) {
      if (this.leaving.signal.aborted) return;
      this.status = 'trouble';
      this.trouble = problem instanceof TypeError ? sentence(problem) : (problem as Error).message;
    }
  }

  private goOn(prepared: Prepared, { logId, startedAt, taps }: Under) {
    this.prepared = prepared;
    this.under = { logId, startedAt, taps };
    this.document = prepared.document;
    this.plan = prepared.plan;
    this.course = replay(prepared.plan, startedAt, taps, Date.now());
    this.status = 'running';
    void catalogue.load();
    this.screen.hold();
    this.keep();
    this.run();
  }

  private run = () => {
    const { plan, course } = this;
    if (!plan || !course || this.status !== 'running') return;
    advance(plan, course, Date.now());
    this.show();
    if (this.status === 'running') this.frame = requestAnimationFrame(this.run);
  };

  private show() {
    const { plan, course } = this;
    if (!plan || !course) return;
    const moment = momentOf(plan, course);
    this.chimes.follow(moment);
    this.moment = moment;
    this.paused = course.paused;
    this.notice = course.notice;
    this.canTakeBack = this.under!.taps.some(isUndoable);
    if (course.endedAt === null) return;
    this.status = 'over';
    this.screen.release();
    this.log = logOf(this.prepared!.logId, this.prepared!.document, plan, course);
  }

  private keep() {
    const { under } = this;
    if (!under) return;
    void keepUnder(this.id, { ...under, taps: [...under.taps] }).then((ok) => (this.unkept = !ok));
    this.desk.tell(this.handover());
  }

  private handover(): Handover {
    const { startedAt, taps, logId } = this.under!;
    return { document: this.prepared!.document, startedAt, taps: [...taps], logId };
  }

  // Another tab or browser has the class now.
  private lose(why: string) {
    cancelAnimationFrame(this.frame);
    this.screen.release();
    this.status = 'elsewhere';
    this.trouble = why;
  }
}

const isUndoable = (tap: Tap) => tap.act !== 'pause' && tap.act !== 'go-on';

// As it was set for tonight, else as this tab last had it: what was changed a moment ago may still be on its way to the server.
async function classOf(id: string): Promise<ClassFile> {
  const tonight = tonightOf(id);
  if (tonight) return tonight;
  const draft = await new TabDraft(id).open();
  if (draft?.unsaved) return draft.now;
  const { data, error } = await api.GET('/api/classes/{id}', { params: { path: { id } } });
  if (!data) throw new Error(sentence(error));
  return data as unknown as ClassFile;
}
