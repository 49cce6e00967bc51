import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { longestOwnText } from '#contract/ownWords';
import { measuredUnits } from '#core/order/checks/limits';
import { pointsOnSupply } from '#core/order/own/pointsOnSupply';
import { useKit } from '../KitFrame.tsx';
import type { TypedMeasure, TypedRepeat } from './typedMeasure.ts';

interface MeasureFieldsProps {
  readonly measure: TypedMeasure;
  readonly isWrong: boolean;
  readonly change: (measure: TypedMeasure) => void;
}

/** What a meter must show at a step: a reading that is not right holds the seat until staff let it go on. */
export function MeasureFields({ measure, isWrong, change }: MeasureFieldsProps) {
  const { t } = useTranslation();
  const field = (name: 'at' | 'least' | 'most') => ({
    label: t(`kits.ownStep.measure.${name}`),
    value: measure[name],
    onChange: ({ target }: { readonly target: { readonly value: string } }) =>
      change({ ...measure, [name]: target.value }),
  });
  return (
    <Box component="section" aria-labelledby="own-measure" sx={sectionStyle}>
      <Typography id="own-measure" component="h3" sx={{ fontWeight: 650 }}>
        {t('kits.ownStep.measure.title')}
      </Typography>
      <TextField
        select
        label={t('kits.ownStep.measure.what')}
        value={measure.unit}
        onChange={({ target }) =>
          change({ ...measure, unit: target.value as TypedMeasure['unit'] })
        }
        helperText={t('kits.ownStep.measure.help')}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value="">{t('kits.ownStep.measure.nothing')}</MenuItem>
        {measuredUnits.map((unit) => (
          <MenuItem key={unit} value={unit}>
            {t(`kits.ownStep.measure.unit.${unit}`)}
          </MenuItem>
        ))}
      </TextField>
      {measure.unit !== '' && (
        <>
          {measure.unit === 'volt' && <OnSupply measure={measure} change={change} />}
          <TextField
            required
            {...field('at')}
            helperText={t('kits.ownStep.measure.atHelp')}
            slotProps={{ htmlInput: { maxLength: longestOwnText } }}
          />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
            {(['least', 'most'] as const).map((name) => (
              <TextField
                key={name}
                {...field(name)}
                error={isWrong}
                slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 12 } }}
              />
            ))}
          </Box>
          {isWrong && <Typography color="error">{t('kits.ownStep.measure.wrong')}</Typography>}
        </>
      )}
    </Box>
  );
}

/** What the board’s connections say of the supply, as a first draft. */
function OnSupply({ measure, change }: Pick<MeasureFieldsProps, 'measure' | 'change'>) {
  const { t } = useTranslation();
  const { board, lines, supplyVolt } = useKit();
  const points = pointsOnSupply(
    board,
    lines.map(({ part }) => part),
    supplyVolt,
  );
  if (points.length === 0) return null;
  return (
    <TextField
      select
      label={t('kits.ownStep.measure.fromTheBoard')}
      value=""
      onChange={({ target }) => {
        const point = points[Number(target.value)];
        if (!point) return;
        const { minus, least, most } = point;
        change({
          ...measure,
          at: t('kits.ownStep.measure.redAndBlack', {
            place: point.place,
            pin: point.pin,
            minus: minus.place,
            minusPin: minus.pin,
          }),
          least: String(least),
          most: String(most),
        });
      }}
      helperText={t('kits.ownStep.measure.fromTheBoardHelp')}
    >
      {points.map(({ place, pin, least, most }, index) => (
        <MenuItem key={`${place} ${pin}`} value={index}>
          {t('kits.ownStep.measure.pointOnSupply', { place, pin, least, most })}
        </MenuItem>
      ))}
    </TextField>
  );
}

interface RepeatFieldsProps {
  readonly repeat: TypedRepeat;
  readonly isWrong: boolean;
  readonly change: (repeat: TypedRepeat) => void;
}

/** The same thing done many times, which the seat counts. */
export function RepeatFields({ repeat, isWrong, change }: RepeatFieldsProps) {
  const { t } = useTranslation();
  const field = (name: keyof TypedRepeat) => ({
    label: t(`kits.ownStep.repeat.${name}`),
    value: repeat[name],
    onChange: ({ target }: { readonly target: { readonly value: string } }) =>
      change({ ...repeat, [name]: target.value }),
  });
  return (
    <Box component="section" aria-labelledby="own-repeat" sx={sectionStyle}>
      <Typography id="own-repeat" component="h3" sx={{ fontWeight: 650 }}>
        {t('kits.ownStep.repeat.title')}
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
        <TextField
          {...field('times')}
          error={isWrong}
          helperText={isWrong ? t('kits.ownStep.repeat.wrong') : t('kits.ownStep.repeat.timesHelp')}
          slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 4 } }}
        />
        <TextField
          {...field('minutesEach')}
          disabled={repeat.times.trim() === ''}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 6 } }}
        />
      </Box>
      {repeat.times.trim() !== '' && (
        <TextField
          {...field('jig')}
          helperText={t('kits.ownStep.repeat.jigHelp')}
          slotProps={{ htmlInput: { maxLength: longestOwnText } }}
        />
      )}
    </Box>
  );
}

const sectionStyle = { display: 'grid', gap: 1.5 } as const;
