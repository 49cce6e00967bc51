import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { circuitPicturePath, getCircuitDrawing } from '#contract/figures';
import type { CircuitDrawing as Drawing } from '#core/circuit/drawing/circuitDrawing';
import { type SymbolStyle, symbolStyles } from '#core/circuit/drawing/symbol';
import { call } from '../../app/call.ts';
import { CircuitSvg } from './CircuitSvg.tsx';

interface CircuitDrawingProps {
  readonly kitId: string;
  /** Differs as soon as the circuit does. */
  readonly basis: string;
  readonly chosen: string | undefined;
  readonly choose: (net: string) => void;
  readonly places: ReadonlySet<string> | undefined;
  readonly choosePart: (place: string) => void;
}

/** The circuit as it is drawn in books: plus above, minus below. */
export function CircuitDrawing(props: CircuitDrawingProps) {
  const { kitId, basis, chosen, choose, places, choosePart } = props;
  const { t } = useTranslation();
  const [style, setStyle] = useState<SymbolStyle>('box');
  const [zoom, setZoom] = useState(1);
  const [drawing, setDrawing] = useState<Drawing | null>();
  useEffect(() => {
    let isGone = false;
    // Asked again when the circuit is another one.
    void basis;
    void call(getCircuitDrawing, { params: { kitId, style } }).then((found) => {
      if (!isGone) setDrawing(found);
    });
    return () => {
      isGone = true;
    };
  }, [kitId, style, basis]);
  if (drawing === null) return null;
  return (
    <section>
      <Box sx={{ display: 'flex', justifyContent: 'flex-end', gap: 1, mb: 1 }}>
        <Button color="inherit" disabled={zoom <= 1} onClick={() => setZoom(zoom / 1.5)}>
          {t('kits.circuit.smaller')}
        </Button>
        <Button color="inherit" disabled={zoom >= 4} onClick={() => setZoom(zoom * 1.5)}>
          {t('kits.circuit.larger')}
        </Button>
        <Button color="inherit" href={circuitPicturePath(kitId, style)} target="_blank">
          {t('kits.circuit.asSvg')}
        </Button>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={style}
          aria-label={t('kits.circuit.style')}
          onChange={(_, next: SymbolStyle | null) => next && setStyle(next)}
        >
          {symbolStyles.map((one) => (
            <ToggleButton key={one} value={one}>
              {t(`kits.circuit.styles.${one}`)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Box>
      {/* Larger than its frame, it is moved by finger, wheel and arrow keys. */}
      <Box
        component="section"
        className="circuit-drawing"
        tabIndex={0}
        aria-label={t('kits.circuit.frame')}
      >
        {drawing ? (
          <CircuitSvg zoom={zoom} {...{ drawing, chosen, choose, places, choosePart }} />
        ) : (
          <div aria-busy="true" />
        )}
      </Box>
    </section>
  );
}
