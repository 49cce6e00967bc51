import type { Request, Response } from 'express';
import type { StreamedEvent } from '#contract/events';
import type { LiveChannels } from './liveChannels.ts';

export interface StreamSource {
  readonly workshopId: string;
  /** The part of the log behind a place in it. */
  readonly after: (seq: number) => Promise<StreamedEvent[]>;
  readonly wanted: (event: StreamedEvent) => boolean;
}

/** Browsers try again after this long; short, since a bench's Wi-Fi drops often. */
const retryMs = 2000;
/** Proxies cut streams that are silent for long. */
const heartbeatMs = 15_000;

/**
 * Answers with server-sent events: first what the log holds behind `Last-Event-ID` (or the `after` parameter on the
 * first connection), then each event as it comes. Nothing is left out in between, and nothing sent twice.
 */
export async function streamEvents(
  request: Request,
  response: Response,
  channels: LiveChannels,
  { workshopId, after, wanted }: StreamSource,
): Promise<void> {
  const asked = Number(request.headers['last-event-id'] ?? request.query.after ?? 0);
  let lastSeq = Number.isSafeInteger(asked) && asked > 0 ? asked : 0;
  const send = (events: readonly StreamedEvent[]) => {
    for (const streamed of events) {
      if (streamed.seq <= lastSeq || !wanted(streamed)) continue;
      lastSeq = streamed.seq;
      response.write(`id: ${streamed.seq}\ndata: ${JSON.stringify(streamed)}\n\n`);
    }
  };

  // Listening begins before the log is read; what comes meanwhile waits, or it would overtake the past.
  let waiting: StreamedEvent[] | undefined = [];
  const stop = channels.listen(workshopId, (events) => {
    if (waiting) waiting.push(...events);
    else send(events);
  });
  const heartbeat = setInterval(() => response.write(':\n\n'), heartbeatMs);
  response.on('close', () => {
    stop();
    clearInterval(heartbeat);
  });

  response.writeHead(200, {
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-store',
    'X-Accel-Buffering': 'no',
  });
  response.write(`retry: ${retryMs}\n\n`);
  send(await after(lastSeq));
  send(waiting);
  waiting = undefined;
}
