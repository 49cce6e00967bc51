import { useCallback, useEffect, useMemo, useState } from 'react';
import { getFaults, getFaultsWork, stopFaults, workOutFaults } from '#contract/faults';
import type { FaultDictionary } from '#core/faults/dictionary';
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
  return { faults, ...useKitWork({ ...calls, whenDone: load, begins: faults === null }) };
}
