import { randomUUID } from 'node:crypto';
import { setTimeout as delay } from 'node:timers/promises';
import type { ClientRecord, HomePlanRecord, VisitRecord } from '@taxikine/core';
import { newClient, newDose, newPlan, newVisit } from '../../core/tests/madeUp';
import type { Who } from './House';
import type { Tally } from './Tally';
import type { Answer, Question, Wire } from './Wire';

/** What every device of a run shares. */
export interface Shared {
  readonly tally: Tally;
  readonly chance: () => number;
  /** A client whom all of them change. */
  readonly common: ClientRecord;
  readonly now: string;
}

interface Kept {
  readonly version: number;
}

/**
 * A device that does as the app does: it sends the same write, under the same id, until it is acknowledged, and then
 * the next. What it is told, it notes.
 */
export class Device {
  private client: ClientRecord;
  private version = 0;
  private plan: HomePlanRecord | null = null;
  private token: string | null = null;

  constructor(
    private readonly who: Who,
    private readonly wire: Wire,
    private readonly shared: Shared,
  ) {
    const contact = { email: 'somebody@faults.example', reminders: false };
    this.client = newClient({ name: `Client of ${who.email}`, contact });
  }

  /** Works until it is told to stop, and then finishes what it has begun. */
  async work(isOver: () => boolean): Promise<void> {
    try {
      await this.signIn();
      await this.moveIn();
      while (!isOver()) {
        await this.next();
        await delay(100 + 200 * this.shared.chance());
      }
    } finally {
      this.wire.close();
    }
  }

  private async signIn(): Promise<void> {
    const { cookie } = await this.until({ method: 'POST', path: '/session', body: this.who });
    this.wire.cookie = cookie;
  }

  /** A client with a plan and a page of their own. */
  private async moveIn(): Promise<void> {
    await this.change('at the beginning');
    const visit = this.visit();
    const plan = newPlan(visit, { startsOn: this.shared.now.slice(0, 10) });
    await this.keep('visits', visit);
    await this.put(`/homePlans/${plan.id}`, plan, 0);
    const path = `/clients/${this.client.id}/links`;
    const { body } = await this.until({ method: 'POST', path, body: { purpose: 'page', days: 9 } });
    this.token = body.token as string;
    this.plan = plan;
  }

  private visit(): VisitRecord {
    return newVisit(this.client.id, { openedOn: this.shared.now });
  }

  private async next(): Promise<void> {
    const roll = this.shared.chance();
    if (roll < 0.35) await this.change(`goal ${randomUUID()}`);
    else if (roll < 0.6) await this.keep('visits', this.visit());
    else if (roll < 0.75) await this.changeCommon();
    else if (roll < 0.9) await this.say();
    else if (roll < 0.93) await this.write();
    else await this.until({ method: 'GET', path: `/clients/${this.client.id}/file` });
  }

  /** The same record again and again. */
  private async change(goal: string): Promise<void> {
    this.client = { ...this.client, goal };
    const { id } = this.client;
    const { version } = await this.put(`/clients/${id}`, this.client, this.version);
    if (version !== this.version + 1)
      this.shared.tally.wrong.push(`version ${version} after ${this.version}`);
    this.version = version;
    this.shared.tally.wrote(id, { clientId: id, kind: 'clients', last: goal });
  }

  private async keep(kind: 'visits', record: { id: string; clientId: string }): Promise<void> {
    await this.put(`/${kind}/${record.id}`, record, 0);
    this.shared.tally.wrote(record.id, { clientId: record.clientId, kind, last: null });
  }

  /** What others change as well: on a conflict, it begins from theirs. */
  private async changeCommon(): Promise<void> {
    const { common, tally } = this.shared;
    const { id } = common;
    for (let from = tally.records.get(id)?.acks ?? 0; ;) {
      const body = {
        writeId: randomUUID(),
        version: from,
        record: { ...common, goal: randomUUID() },
      };
      const answer = await this.until({ method: 'PUT', path: `/clients/${id}`, body }, [409]);
      if (answer.status !== 409) break;
      from = (answer.body.theirs as Kept).version;
    }
    tally.wrote(id, { clientId: id, kind: 'clients', last: null });
  }

  /** A word from home, as the client's own page sends it. */
  private async say(): Promise<void> {
    const { id, startsOn, madeOn } = this.plan!;
    const entry = newDose(id, { on: startsOn, said: madeOn });
    await this.until({
      method: 'POST',
      path: '/home/entries',
      body: { entries: [entry] },
      bearer: this.token!,
    });
    this.shared.tally.words.set(entry.id, this.client.id);
  }

  /** A letter that a worker sends. */
  private async write(): Promise<void> {
    const letter = {
      id: randomUUID(),
      clientId: this.client.id,
      kind: 'plan-ready',
      planId: this.plan!.id,
      dueOn: null,
      askedOn: this.shared.now,
    };
    await this.put(`/messages/${letter.id}`, letter, 0);
    this.shared.tally.letters.set(letter.id, this.client.id);
  }

  private async put(path: string, record: object, version: number): Promise<Kept> {
    const body = { writeId: randomUUID(), version, record };
    const answer = await this.until({ method: 'PUT', path, body });
    return answer.body.record as Kept;
  }

  /** What is acknowledged is counted, and how long it took. */
  private async until(question: Question, allowed: readonly number[] = []): Promise<Answer> {
    const { tally } = this.shared;
    const since = performance.now();
    const meanwhile: string[] = [`${question.method} ${question.path.split('/')[1]}`];
    const onVain = (what: string) => {
      tally.turnedAway += 1;
      meanwhile.push(`${((performance.now() - since) / 1000).toFixed(1)} s ${what}`);
    };
    const answer = await this.wire.until(question, { allowed, onVain });
    if (answer.status < 300) tally.waited(performance.now() - since, meanwhile.join(' · '));
    return answer;
  }
}
