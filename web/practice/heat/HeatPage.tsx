import { PageHead } from '../../ui/PageHead.tsx';
import { HeatRoom } from './HeatRoom.tsx';

/** The heat bench on the instructor’s side: to show it to a room. Nothing is recorded. */
export function HeatPage() {
  return (
    <>
      <PageHead
        title="Heat bench"
        facts="A joint on a real heating model: why a pad on a plane takes longer, and what a smaller tip does. Nothing is recorded here."
      />
      <HeatRoom record={() => undefined} />
    </>
  );
}
