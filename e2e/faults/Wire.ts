import { Agent, request } from 'node:https';
import { setTimeout as delay } from 'node:timers/promises';
import { waitBefore } from '@taxikine/core';

export interface Answer {
  readonly status: number;
  readonly body: Record<string, unknown>;
  readonly cookie: string | null;
}

export interface Question {
  readonly method: 'GET' | 'PUT' | 'POST';
  readonly path: string;
  readonly body?: unknown;
  readonly bearer?: string;
}

interface Patience {
  readonly allowed?: readonly number[];
  /** In a word: what came instead of an answer. */
  readonly onVain?: (what: string) => void;
}

const refused = ({ method, path }: Question, { status, body }: Answer): Error =>
  new Error(`${method} ${path}: ${status} ${JSON.stringify(body)}`);

/** As the app has it: so long an answer is waited for. */
const ANSWER_WITHIN_MS = 15_000;

/** One device's line to the house. */
export class Wire {
  private readonly agent: Agent;
  cookie: string | null = null;

  constructor(
    private readonly url: string,
    ca: Buffer,
  ) {
    this.agent = new Agent({ keepAlive: true, maxSockets: 2, ca });
  }

  /** Rejects when nobody answers. */
  ask({ method, path, body, bearer }: Question): Promise<Answer> {
    const headers = {
      'Content-Type': 'application/json',
      'X-Taxikine': '1',
      ...(this.cookie ? { Cookie: this.cookie } : {}),
      ...(bearer ? { Authorization: `Bearer ${bearer}` } : {}),
    };
    const how = { agent: this.agent, method, headers, timeout: ANSWER_WITHIN_MS };
    return new Promise((resolve, reject) => {
      const asked = request(`${this.url}/api/v1${path}`, how, (answer) => {
        const parts: Buffer[] = [];
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('error', reject);
        answer.on('end', () => {
          const [cookie] = answer.headers['set-cookie'] ?? [];
          const text = Buffer.concat(parts).toString();
          const isJson = answer.headers['content-type']?.startsWith('application/json');
          resolve({
            status: answer.statusCode!,
            body: isJson ? JSON.parse(text) : {},
            cookie: cookie?.split(';')[0] ?? null,
          });
        });
      });
      asked.on('timeout', () => asked.destroy(new Error('no answer in time')));
      asked.on('error', reject);
      asked.end(body === undefined ? undefined : JSON.stringify(body));
    });
  }

  /**
   * Asks until somebody answers who can, as the app does.
   *
   * @param allowed answers besides good ones that are no failure
   * @param onVain called before it is asked again
   */
  async until(
    question: Question,
    { allowed = [], onVain = () => undefined }: Patience = {},
  ): Promise<Answer> {
    for (let tries = 0; ; tries++) {
      let gone = '';
      const answer = await this.ask(question).catch((error: Error) => {
        gone = error.message;
        return null;
      });
      if (answer && (answer.status < 300 || allowed.includes(answer.status))) return answer;
      if (answer && answer.status < 500 && answer.status !== 429) throw refused(question, answer);
      onVain(answer ? `${answer.status} ${answer.body.code ?? ''}`.trim() : gone);
      await delay(waitBefore(tries, answer?.status ?? null));
    }
  }

  close(): void {
    this.agent.destroy();
  }
}
