import { CHANGE_EVENTS } from '@taxikine/core';
import { Router, type Response } from 'express';
import type { KnownSessions } from '../auth/KnownSessions';
import type { ChangeFeed, Told } from '../changes/ChangeFeed';
import { signedIn } from './needSession';
import { maybeToken } from './sessionCookie';

/** Often enough that nothing in between takes the stream for dead, and that who signed out hears no more. */
const BEAT_MS = 20_000;

const send = (response: Response, event: string, data: unknown): void =>
  void response.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);

const sendTold = (response: Response, told: Told): void =>
  told === 'all'
    ? send(response, CHANGE_EVENTS.all, {})
    : send(response, CHANGE_EVENTS.change, told);

/** What is written in this practice, by whomever, as it happens: server-sent events that name ids only. */
export function changeRoute(feed: ChangeFeed, sessions: KnownSessions): Router {
  const router = Router();

  router.get('/changes', async (request, response) => {
    const token = maybeToken(request)!;
    // What happens before the stream is open must not be lost: it is listened first.
    const told: Told[] = [];
    let tell = (one: Told): void => void told.push(one);
    const stop = await feed.listen(signedIn(response).practice.id, {
      tell: (one) => tell(one),
      end: () => response.end(),
    });
    // Whoever asked has gone while the stream was being opened.
    if (response.destroyed) return stop();
    const beat = setInterval(async () => {
      const who = await sessions.maybeSignedIn(token).catch(() => null);
      if (who) response.write(': still here\n\n');
      else response.end();
    }, BEAT_MS);
    response.on('close', () => {
      clearInterval(beat);
      stop();
    });
    // Neither compressed nor held back on the way.
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store, no-transform',
      'X-Accel-Buffering': 'no',
    });
    send(response, CHANGE_EVENTS.open, {});
    tell = (one) => sendTold(response, one);
    for (const one of told) tell(one);
  });

  return router;
}
