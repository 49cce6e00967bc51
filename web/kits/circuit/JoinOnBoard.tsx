import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Board, Pad } from '#core/board/board';
import { padsOf } from '#core/board/pads';
import { pinName } from '#core/board/pinNames';
import { netNames, withJoined, withPinOn } from '#core/circuit/netTable';
import { netText } from '#core/circuit/netText';
import type { SaidNet } from '#core/circuit/notes';
import type { Part } from '#core/parts/part';
import { pinText } from '#core/words/figureWords';
import { BoardMap } from '../../ui/board/BoardMap.tsx';

interface JoinOnBoardProps {
  readonly board: Board;
  readonly nets: readonly SaidNet[];
  readonly byPlace: ReadonlyMap<string, Part>;
  /** Puts other nets in their place, as text. */
  readonly set: (text: string) => void;
}

/** Pads are joined on the picture of the board: one, then the other. */
export function JoinOnBoard({ board, nets, byPlace, set }: JoinOnBoardProps) {
  const { t } = useTranslation();
  const [first, setFirst] = useState<string>();
  const pads = useMemo(
    () =>
      padsOf(board, byPlace).filter(({ side, place }) => side !== 'bottom' && byPlace.has(place)),
    [board, byPlace],
  );
  const lines = useMemo(() => nets.map(({ pins }) => pins), [nets]);
  const nameOf = netNames(nets);
  if (pads.length === 0) return null;
  const choose = (pin: string) => {
    if (first !== undefined && first !== pin) set(netText(withJoined(nets, first, pin)));
    setFirst(first === undefined ? pin : undefined);
  };
  const net = first === undefined ? undefined : nameOf.get(first);
  return (
    <section aria-label={t('kits.circuit.join.title')}>
      <p role="status">
        {first === undefined
          ? t('kits.circuit.join.about')
          : t(net === undefined ? 'kits.circuit.join.chosen' : 'kits.circuit.join.chosenOn', {
              pin: pinText(t, first, byPlace),
              net,
            })}
      </p>
      <Box sx={{ display: 'flex', gap: 1, minHeight: 44 }}>
        {first !== undefined && (
          <Button color="inherit" onClick={() => setFirst(undefined)}>
            {t('kits.circuit.join.leave')}
          </Button>
        )}
        {first !== undefined && net !== undefined && (
          <Button
            color="inherit"
            onClick={() => {
              set(netText(withPinOn(nets, first, '')));
              setFirst(undefined);
            }}
          >
            {t('kits.circuit.join.off')}
          </Button>
        )}
      </Box>
      <BoardMap board={board} parts={byPlace} side="top" nets={lines}>
        {pads.map((pad) => (
          <PadToChoose
            key={`${pinName(pad)} ${pad.xMm} ${pad.yMm}`}
            {...{ pad, board, choose }}
            isChosen={first === pinName(pad)}
            isOnNet={net !== undefined && nameOf.get(pinName(pad)) === net}
            says={[pinText(t, pinName(pad), byPlace), nameOf.get(pinName(pad))]
              .filter(Boolean)
              .join(': ')}
          />
        ))}
      </BoardMap>
    </section>
  );
}

interface PadToChooseProps {
  readonly pad: Pad;
  readonly board: Board;
  readonly isChosen: boolean;
  /** It is joined with the one that is chosen. */
  readonly isOnNet: boolean;
  /** Which pin, and its net. */
  readonly says: string;
  readonly choose: (pin: string) => void;
}

/** Larger than its copper, as far as its neighbours at a tenth of an inch leave room. */
const leastRadiusMm = 1.2;

function PadToChoose({ pad, board, isChosen, isOnNet, says, choose }: PadToChooseProps) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a part of a drawing
    <circle
      role="button"
      tabIndex={0}
      aria-label={says}
      aria-pressed={isChosen}
      className={['pad-to-join', isChosen && 'is-chosen', isOnNet && 'is-on-net']
        .filter(Boolean)
        .join(' ')}
      cx={pad.xMm}
      cy={board.heightMm - pad.yMm}
      r={Math.max(leastRadiusMm, Math.max(pad.widthMm, pad.heightMm) / 2)}
      onClick={() => choose(pinName(pad))}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        choose(pinName(pad));
      }}
    >
      <title>{says}</title>
    </circle>
  );
}
