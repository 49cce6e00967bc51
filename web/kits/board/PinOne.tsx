import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { type DiodePinOne, diodePinOnes } from '#core/board/board';
import type { PinOneAsked } from '#core/board/takeFiles';
import { shortDesignators } from '#core/parts/label';
import { ink } from '../../app/tokens.ts';

interface PinOneProps {
  readonly asked: PinOneAsked;
  readonly take: (pinOne: DiodePinOne) => void;
  /** Leaves the file; undefined where none waits. */
  readonly cancel: (() => void) | undefined;
}

/** Files do not say which end of a diode or an LED they call pin 1: asked before the board is drawn by them. */
export function PinOne({ asked: { places, hint }, take, cancel }: PinOneProps) {
  const { t } = useTranslation();
  return (
    <Box
      role="group"
      aria-labelledby="pin-one"
      sx={{ border: `1px solid ${ink('line')}`, p: 1.5, mt: 1, display: 'grid', gap: 1 }}
    >
      <Typography variant="h2" id="pin-one">
        {t('kits.pinOne.title')}
      </Typography>
      <p style={{ margin: 0 }}>{t('kits.pinOne.about', { places: shortDesignators(places) })}</p>
      {hint && (
        <p style={{ margin: 0 }}>
          <strong>
            {t(`kits.pinOne.hint.${hint.pinOne}`, {
              count: hint.places.length,
              places: shortDesignators(hint.places),
            })}
          </strong>
        </p>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {diodePinOnes.map((pinOne) => (
          <Button
            key={pinOne}
            variant={hint?.pinOne === pinOne ? 'contained' : 'outlined'}
            onClick={() => take(pinOne)}
          >
            {t(`kits.pinOne.choice.${pinOne}`)}
          </Button>
        ))}
        {cancel && (
          <Button color="inherit" onClick={cancel}>
            {t('kits.pinOne.cancel')}
          </Button>
        )}
      </Box>
    </Box>
  );
}
