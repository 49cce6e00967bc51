import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { lazy, Suspense, useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { MistakeId } from '#core/learning/mistakes/ids';
import type { FoundFault } from '../../app/foundFault.ts';
import { useKit } from '../KitFrame.tsx';
import { FaultBench } from './FaultBench.tsx';
import { useBoardOfSeat } from './useBoardOfSeat.ts';
import { useFaults } from './useFaults.ts';
import './fault.css';

// Seen once a kit.
const WorkUnderWay = lazy(async () => ({
  default: (await import('../WorkUnderWay.tsx')).WorkUnderWay,
}));

/** From what is seen and measured on one board to the joint or the part that is wrong with it. */
export function FaultPage() {
  const { t } = useTranslation();
  const { id } = useKit();
  const [search] = useSearchParams();
  const workshop = search.get('workshop');
  const seat = search.get('seat');
  return (
    <>
      <p>{t('kits.fault.about')}</p>
      {workshop && (
        <p>
          <Link to={floorOf(workshop, seat)}>{t('kits.fault.toRoom')}</Link>
        </p>
      )}
      <FaultsOf key={id} kitId={id} workshop={workshop} seat={seat} />
    </>
  );
}

const floorOf = (workshop: string, seat: string | null) =>
  `/workshops/${workshop}/floor${seat ? `?seat=${seat}` : ''}`;

interface FaultsOfProps {
  readonly kitId: string;
  /** From whose floor one came, and about whose board; null where nobody’s. */
  readonly workshop: string | null;
  readonly seat: string | null;
}

function FaultsOf({ kitId, workshop, seat }: FaultsOfProps) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const kit = useKit();
  const { faults, before, work, start, stop } = useFaults(kitId);
  const known = useBoardOfSeat(workshop, seat, Boolean(faults));
  // The board in the room is of the revision that it was planned with.
  const dictionary = known?.faults ?? faults;
  const { board } = known?.faults ? known : kit;
  const parts = useMemo(
    () => (known?.faults ? known.parts : kit.lines.map(({ part }) => part)),
    [known, kit.lines],
  );
  const note =
    workshop && seat
      ? (mistake: MistakeId, place: string, says: string) => {
          const found: FoundFault = { seatId: seat, mistake, place, says };
          void navigate(floorOf(workshop, seat), { state: { found } });
        }
      : undefined;
  if (known === undefined) return <div aria-busy="true" />;
  if (dictionary) {
    return (
      <>
        {known && !known.faults && known.revision !== kit.revision && (
          <Alert severity="warning">
            {t('kits.fault.ofSeat.otherVersion', {
              theirs: known.revision,
              newest: kit.revision,
            })}
          </Alert>
        )}
        <FaultBench {...{ dictionary, board, parts, before, known, note }} of={seat ?? kitId} />
      </>
    );
  }
  return (
    <>
      {work.kind === 'not-readable' && (
        <Alert severity="info">
          {t(`kits.circuit.why.${work.why}`)}{' '}
          <Link to="../circuit">{t('kits.kitFrame.circuit')}</Link>
        </Alert>
      )}
      {work.kind === 'failed' && (
        <Alert severity="warning">{t('kits.fault.failed', { says: work.says })}</Alert>
      )}
      {work.kind === 'working' && (
        <Suspense>
          <WorkUnderWay done={work.done} says={t('kits.fault.working')} stop={stop} />
        </Suspense>
      )}
      {faults === null && (work.kind === 'idle' || work.kind === 'failed') && (
        <Button variant="contained" onClick={() => void start()}>
          {t('kits.fault.workOut')}
        </Button>
      )}
    </>
  );
}
