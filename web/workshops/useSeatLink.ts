import { useState } from 'react';
import { type Seat, showLink } from '#contract/workshops';
import { call } from '../app/call.ts';
import { type Save, useSave } from '../app/useSave.ts';

interface SeatLink {
  /** Null where it has not been asked for. */
  readonly token: string | null;
  readonly show: () => void;
  readonly save: Save;
}

/** The link of a seat: instructors have all of them, helpers ask for each one that is needed. */
export function useSeatLink(workshopId: string, seat: Seat): SeatLink {
  const [shown, setShown] = useState<string>();
  const save = useSave();
  const show = () =>
    void save.run(async () => {
      const { token } = await call(showLink, { params: { workshopId, seatId: seat.id } });
      setShown(token);
    });
  return { token: seat.token ?? shown ?? null, show, save };
}
