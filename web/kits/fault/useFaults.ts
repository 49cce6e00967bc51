import { useCallback, useEffect, useMemo, useState } from 'react';
import { getFaults, getFaultsWork, stopFaults, workOutFaults } from '#contract/faults';
import { getKitReport } from '#contract/reports';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { SeenBefore } from '#core/faults/seenBefore';
import { call } from '../../app/call.ts';
import { useKitWork } from '../useKitWork.ts';

/** What faults of a kit show: read, or worked out first where nobody has asked for it yet. */
export function useFaults(kitId: string) {
  const [faults, setFaults] = useState<FaultDictionary | null>();
  const load = useCallback(
    async () => setFaults(await call(getFaults, { params: { kitId } })),
    [kitId],
  );
  useEffect(() => {
    void load();
  }, [load]);
  const calls = useMemo(() => {
    const params = { kitId };
    return {
      begin: () => call(workOutFaults, { params }),
      ask: () => call(getFaultsWork, { params }),
      end: () => call(stopFaults, { params }),
    };
  }, [kitId]);
  // What was logged before makes a better guess; without it the usual one does.
  const [before, setBefore] = useState<SeenBefore>();
  useEffect(() => {
    let isWanted = true;
    void call(getKitReport, { params: { kitId } }).then(
      (report) => isWanted && setBefore(report),
      () => {},
    );
    return () => {
      isWanted = false;
    };
  }, [kitId]);
  return { faults, before, ...useKitWork({ ...calls, whenDone: load, begins: faults === null }) };
}
