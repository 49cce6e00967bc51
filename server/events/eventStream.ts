import type { Request, Response } from 'express';
import type { StreamedEvent } from '#contract/events';
import type { LiveChannels } from './liveChannels.ts';
import type { OpenStreams } from './openStreams.ts';

export interface StreamSource {
  readonly workshopId: string;
  /** The part of the log behind a place in it. */
  readonly after: (seq: number) => Promise<StreamedEvent[]>;
  /** An entry as this listener has it; undefined where it is not theirs. */
  readonly own: (streamed: StreamedEvent) => StreamedEvent | undefined;
  /** Also told when the workshop itself is changed, as an event `changed` without data. */
  readonly tellsChanges?: boolean;
}

/** Who listens, and whether that one still may. */
export interface Listener {
  /** See OpenStreams.add. */
  readonly owners: readonly string[];
  readonly most: number;
  /** Asked with every heartbeat. */
  readonly stillMay: () => Promise<boolean>;
}

/** Browsers try again after this long; short, since a bench's Wi-Fi drops often. */
const retryMs = 2000;
/** Proxies cut streams that are silent for long. */
const heartbeatMs = 15_000;
/** More than that unread, and the reader is cut: it comes back by itself and resumes behind what it has. */
const mostUnread = 256 * 1024;
/** So long may a reader take nothing while the past is sent. */
const mostSilentMs = 30_000;

/**
 * Answers with server-sent events: first what the log holds behind `Last-Event-ID` (or the `after` parameter on the
 * first connection), then each event as it comes. Nothing is left out in between, and nothing sent twice. A reader that
 * does not read is cut, so that nobody's memory fills with what waits for it.
 */
export async function streamEvents(
  request: Request,
  response: Response,
  channels: LiveChannels,
  streams: OpenStreams,
  { workshopId, after, own, tellsChanges }: StreamSource,
  { owners, most, stillMay }: Listener,
): Promise<void> {
  const asked = Number(request.headers['last-event-id'] ?? request.query.after ?? 0);
  let lastSeq = Number.isSafeInteger(asked) && asked > 0 ? asked : 0;
  /** @returns whether the reader keeps up */
  const send = (streamed: StreamedEvent): boolean => {
    const theirs = streamed.seq > lastSeq && own(streamed);
    if (!theirs) return true;
    lastSeq = streamed.seq;
    return response.write(`id: ${streamed.seq}\ndata: ${JSON.stringify(theirs)}\n\n`);
  };
  const cutIfBehind = () => {
    if (response.writableLength > mostUnread) response.destroy();
  };

  // Listening begins before the log is read; what comes meanwhile waits, or it would overtake the past.
  let waiting: StreamedEvent[] | undefined = [];
  const stop = channels.listen(workshopId, {
    logged: (events) => {
      if (waiting) {
        waiting.push(...events);
        return;
      }
      for (const streamed of events) send(streamed);
      cutIfBehind();
    },
    changed: tellsChanges
      ? () => {
          response.write('event: changed\ndata:\n\n');
          cutIfBehind();
        }
      : undefined,
  });
  const heartbeat = setInterval(() => {
    response.write(':\n\n');
    cutIfBehind();
    void stillMay().then(
      (may) => may || response.destroy(),
      () => {},
    );
  }, heartbeatMs);
  response.on('close', () => {
    stop();
    clearInterval(heartbeat);
  });
  streams.add(owners, most, response);

  response.writeHead(200, {
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-store',
    'X-Accel-Buffering': 'no',
  });
  response.write(`retry: ${retryMs}\n\n`);
  for (const streamed of await after(lastSeq)) {
    if (!send(streamed) && !(await drained(response))) return;
  }
  for (const streamed of waiting) send(streamed);
  waiting = undefined;
}

/** Waits until the reader has taken what was written; false where it is gone, or takes nothing, and is cut. */
function drained(response: Response): Promise<boolean> {
  return new Promise((resolve) => {
    if (response.destroyed) return resolve(false);
    const done = (goesOn: boolean) => {
      clearTimeout(timer);
      response.off('drain', taken);
      response.off('close', gone);
      resolve(goesOn);
    };
    const taken = () => done(true);
    const gone = () => done(false);
    const timer = setTimeout(() => {
      response.destroy();
      done(false);
    }, mostSilentMs);
    response.once('drain', taken);
    response.once('close', gone);
  });
}
