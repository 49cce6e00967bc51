import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Board } from '#core/board/board';
import { partsByPlace } from '#core/board/pads';
import { circuitOf } from '#core/circuit/circuitOf';
import { basisOf } from '#core/circuit/kitFigures';
import { whyNotReadable } from '#core/circuit/readKit';
import { supplyOf } from '#core/circuit/supplyOf';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { BoardMap } from '../../ui/board/BoardMap.tsx';
import { useKit } from '../KitFrame.tsx';
import { NoBoard } from '../NoBoard.tsx';
import { WorkUnderWay } from '../WorkUnderWay.tsx';
import { useFigures } from './useFigures.ts';
import './circuit.css';

// They come together, after the board.
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
  const { board } = useKit();
  if (!board) return <NoBoard />;
  return <CircuitOfBoard board={board} />;
}

function CircuitOfBoard({ board }: { readonly board: Board }) {
  const { t } = useTranslation();
  const kit = useKit();
  const { lines, supplyVolt } = kit;
  const { parts, byPlace, circuit, at, why } = useMemo(() => {
    const listed = lines.map(({ part }) => part);
    const found = circuitOf(board, listed);
    return {
      parts: listed,
      byPlace: partsByPlace(listed),
      circuit: found,
      at: supplyOf(found, board.circuit),
      why: whyNotReadable({ board, parts: listed, supplyVolt }),
    };
  }, [board, lines, supplyVolt]);
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
          {circuit.nets.length > 0 && (
            <CircuitDrawing
              kitId={kit.id}
              basis={basisOf(board, parts, supplyVolt)}
              chosen={net}
              choose={chooseNet}
              places={chosen}
              choosePart={(place) => choosePlaces(new Set([place]))}
            />
          )}
          {at && <WhatItDoes {...{ board, circuit, at }} volt={supplyVolt} point={choosePlaces} />}
          <Stages {...{ circuit, byPlace }} point={chooseNet} start={start} />
          {!why && (
            <InstructorOnly>
              <WhatIf circuit={circuit} />
            </InstructorOnly>
          )}
          <Connections {...{ board, circuit, byPlace }} />
          <Behaviour {...{ board, parts, circuit }} />
        </Suspense>
      </div>
      <div>
        <BoardMap board={board} parts={byPlace} side="top" now={chosen ?? now} nets />
        <InstructorOnly>
          <Suspense fallback={<div aria-busy="true" />}>
            <CircuitSetup {...{ board, circuit, at }} parts={byPlace} volt={supplyVolt} />
          </Suspense>
        </InstructorOnly>
      </div>
    </div>
  );
}
