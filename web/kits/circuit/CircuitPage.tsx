import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { wiredKitOf } from '#contract/kits';
import { partsByPlace } from '#core/board/pads';
import { circuitOf } from '#core/circuit/circuitOf';
import { basisOf } from '#core/circuit/kitFigures';
import { whyNotReadable } from '#core/circuit/readKit';
import { supplyOf } from '#core/circuit/supplyOf';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { BoardMap } from '../../ui/board/BoardMap.tsx';
import { useKit } from '../KitFrame.tsx';
import { WorkUnderWay } from '../WorkUnderWay.tsx';
import { useFigures } from './useFigures.ts';
import './circuit.css';

// They come together, after the board.
const NetDoubts = lazy(async () => ({ default: (await import('../NetDoubts.tsx')).NetDoubts }));
const Behaviour = lazy(async () => ({ default: (await import('./Behaviour.tsx')).Behaviour }));
const CircuitDrawing = lazy(async () => ({
  default: (await import('./CircuitDrawing.tsx')).CircuitDrawing,
}));
const Connections = lazy(async () => ({
  default: (await import('./Connections.tsx')).Connections,
}));
const CircuitSetup = lazy(async () => ({
  default: (await import('./CircuitSetup.tsx')).CircuitSetup,
}));
const WhatItDoes = lazy(async () => ({
  default: (await import('./WhatItDoes.tsx')).WhatItDoes,
}));
const WhatIf = lazy(async () => ({ default: (await import('./WhatIf.tsx')).WhatIf }));
const Stages = lazy(async () => ({ default: (await import('./Stages.tsx')).Stages }));

/** What the boards of a kit must show, at every stage at which something is measured. */
export function CircuitPage() {
  const { t } = useTranslation();
  const kit = useKit();
  const { board, circuitNotes, supplyVolt } = kit;
  const { parts, byPlace, circuit, at, why, basis } = useMemo(() => {
    const wired = wiredKitOf(kit);
    const found = circuitOf(wired);
    return {
      parts: wired.parts,
      byPlace: partsByPlace(wired.parts),
      circuit: found,
      at: supplyOf(found, wired.circuitNotes),
      why: whyNotReadable(wired),
      basis: basisOf(wired),
    };
  }, [kit]);
  const nets = useMemo(() => circuit.nets.map(({ pins }) => pins), [circuit]);
  const { work, start, stop } = useFigures(kit, why === null);
  const [net, setNet] = useState<string>();
  const [chosen, setChosen] = useState<ReadonlySet<string>>();
  const chooseNet = (id: string | undefined) => {
    setNet(id);
    setChosen(undefined);
  };
  const choosePlaces = (places: ReadonlySet<string>) => {
    setNet(undefined);
    setChosen(places);
  };
  const now = useMemo(
    () =>
      new Set(
        circuit.nets
          .find(({ id }) => id === net)
          ?.pins.map((pin) => pin.slice(0, pin.lastIndexOf('.'))),
      ),
    [circuit, net],
  );
  return (
    <div className="circuit-page">
      <div>
        {why && (
          <Alert severity="info">
            {t(`kits.circuit.why.${why}`)}{' '}
            {why !== 'no-supply' && (
              <Link to={why === 'no-nets' ? '../board' : '../about'}>
                {t(`kits.circuit.mend.${why}`)}
              </Link>
            )}
          </Alert>
        )}
        {work.kind === 'working' && (
          <WorkUnderWay done={work.done} says={t('kits.circuit.working')} stop={stop} />
        )}
        {work.kind === 'failed' && (
          <Alert severity="warning">{t('kits.circuit.failed', { says: work.says })}</Alert>
        )}
        {!kit.figures && work.kind !== 'working' && !why && (
          <InstructorOnly>
            <Button variant="contained" onClick={() => void start()}>
              {t('kits.circuit.workOut')}
            </Button>
          </InstructorOnly>
        )}
        <Suspense fallback={<div aria-busy="true" />}>
          <NetDoubts {...{ board, circuitNotes, parts }} />
          {circuit.nets.length > 0 && (
            <CircuitDrawing
              kitId={kit.id}
              basis={basis}
              chosen={net}
              choose={chooseNet}
              places={chosen}
              choosePart={(place) => choosePlaces(new Set([place]))}
            />
          )}
          {at && <WhatItDoes {...{ circuit, at }} volt={supplyVolt} point={choosePlaces} />}
          <Stages {...{ circuit, byPlace }} point={chooseNet} start={start} />
          {!why && (
            <InstructorOnly>
              <WhatIf circuit={circuit} />
            </InstructorOnly>
          )}
          <Connections {...{ circuit, byPlace }} />
          <Behaviour {...{ parts, circuit }} />
        </Suspense>
      </div>
      <div>
        {board && (
          <BoardMap board={board} parts={byPlace} side="top" now={chosen ?? now} nets={nets} />
        )}
        <InstructorOnly>
          <Suspense fallback={<div aria-busy="true" />}>
            {circuit.nets.length > 0 && (
              <CircuitSetup {...{ circuit, at }} parts={byPlace} volt={supplyVolt} />
            )}
          </Suspense>
        </InstructorOnly>
      </div>
    </div>
  );
}
