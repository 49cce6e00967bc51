import { useEffect, useState } from 'react';
import { useRevalidator } from 'react-router';
import {
  logAtSeats,
  type Workshop,
  type WorkshopLog,
  workshopStreamPath,
} from '#contract/workshops';
import { BuildLog } from '../app/buildLog.ts';
import { call } from '../app/call.ts';
import { Outbox } from '../app/outbox.ts';
import { useLogsAs, useStaff } from '../app/staff.ts';
import { useLatest } from '../app/useLatest.ts';

/**
 * The live log of a workshop, followed as long as the page shows.
 *
 * @param isFresh from the server just now, and not what this device kept
 */
export function useWorkshopLog(workshop: Workshop, first: WorkshopLog, isFresh: boolean): BuildLog {
  const helper = useLogsAs();
  const accountId = useStaff()?.accountId;
  const { revalidate } = useRevalidator();
  const onChange = useLatest(revalidate);
  const [log] = useState(() => {
    const created = new BuildLog({
      author: 'instructor',
      helper,
      outbox: new Outbox({ of: workshop.id, accountId }),
      keptAs: `log.${workshop.id}`,
      send: (events) =>
        call(logAtSeats, { params: { workshopId: workshop.id }, body: { events: [...events] } }),
      streamPath: (after) => `${workshopStreamPath(workshop.id)}?after=${after}`,
    });
    void created.load(first.events, isFresh ? first.now : undefined);
    return created;
  });
  useEffect(
    () =>
      log.store.subscribe(({ changes }, before) => {
        if (changes !== before.changes) void onChange.current();
      }),
    [log, onChange],
  );
  useEffect(() => log.follow(), [log]);
  return log;
}
