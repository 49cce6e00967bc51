import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import type { Batch } from '#core/order/settings';
import type { StyleId } from '#core/order/styles/ids';
import { hasBlocks, styles } from '#core/order/styles/index';
import { ink } from '../../app/tokens.ts';
import { BlockNames } from './BlockNames.tsx';
import type { OrderDraft } from './orderDraft.ts';

const batches: readonly { readonly name: string; readonly batch: Batch }[] = [
  {
    get name() {
      return t('kits.orderWishes.oneValue');
    },
    batch: { kind: 'value' },
  },
  ...[1, 2, 4, 6, 10, 20].map((most) => ({
    get name() {
      return most === 1 ? t('kits.orderWishes.onePart') : t('kits.orderWishes.upToParts', { most });
    },
    batch: { kind: 'pieces' as const, most },
  })),
];

const batchKey = (batch: Batch) => (batch.kind === 'value' ? 'value' : String(batch.most));

/** How the instructor wants it: his school, how much at a time, when it is tested. */
export function OrderWishes({ draft }: { readonly draft: OrderDraft }) {
  const { t } = useTranslation();
  const { settings, change } = draft;
  // A new wish is planned anew; an order by hand would hide it.
  const wish = (more: Partial<typeof settings>) =>
    change({ ...more, arrangement: null, exceptions: [] });
  const known = batches.some(({ batch }) => batchKey(batch) === batchKey(settings.batch));
  return (
    <Box component="section" aria-labelledby="wishes-title" sx={{ display: 'grid', gap: 2 }}>
      <Typography variant="h2" id="wishes-title">
        {t('kits.orderWishes.howYouWantIt')}
      </Typography>
      {settings.arrangement && (
        <Box>
          <Typography>{t('kits.orderWishes.theStepsStandInYourOwn')}</Typography>
          <Button
            variant="outlined"
            size="small"
            onClick={() => change({ arrangement: null, exceptions: [] })}
          >
            {t('kits.orderWishes.letTheStylesOrderThemAgain')}
          </Button>
        </Box>
      )}
      <StyleStack
        chosen={settings.styles}
        choose={(chosen) =>
          wish({
            styles: chosen,
            // Block by block without its tests would be an order without a purpose.
            ...(hasBlocks(chosen) && !hasBlocks(settings.styles) && { checks: 'blocks' }),
          })
        }
      />
      <TextField
        select
        size="small"
        label={t('kits.orderWishes.putInBeforeTheBoardIs')}
        value={batchKey(settings.batch)}
        onChange={({ target }) => {
          const found = batches.find(({ batch }) => batchKey(batch) === target.value);
          if (found) wish({ batch: found.batch });
        }}
      >
        {batches.map(({ name, batch }) => (
          <MenuItem key={name} value={batchKey(batch)}>
            {name}
          </MenuItem>
        ))}
        {!known && <MenuItem value={batchKey(settings.batch)}>{batchKey(settings.batch)}</MenuItem>}
      </TextField>
      <FormControlLabel
        control={
          <Switch
            checked={settings.checks === 'blocks'}
            onChange={(_, on) => wish({ checks: on ? 'blocks' : 'end' })}
          />
        }
        label={t('kits.orderWishes.testEachBlockAsSoonAs')}
      />
      <BlockNames draft={draft} />
      <IronRoom draft={draft} />
    </Box>
  );
}

interface StyleStackProps {
  readonly chosen: readonly StyleId[];
  readonly choose: (styles: readonly StyleId[]) => void;
}

/** The styles in the order in which they decide. */
function StyleStack({ chosen, choose }: StyleStackProps) {
  const { t } = useTranslation();
  const rest = styles.filter(({ id }) => !chosen.includes(id));
  return (
    <Box>
      <Box
        component="ol"
        aria-label={t('kits.orderWishes.stylesFirstToDecideFirst')}
        sx={{ m: 0, p: 0, listStyle: 'none' }}
      >
        {chosen.map((id, index) => (
          <Box
            component="li"
            key={id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 1,
              borderTop: `1px solid ${ink('line')}`,
              minHeight: 40,
            }}
          >
            <Box sx={{ flex: 1 }}>
              {index === 0 ? '' : `${t('kits.orderWishes.then')} `}
              <strong>{t(`style.${id}.name`)}</strong>
            </Box>
            {index > 0 && (
              <Button
                size="small"
                aria-label={t('kits.orderWishes.before', {
                  what: t(`style.${id}.name`),
                  what2: t(`style.${chosen[index - 1]}.name`),
                })}
                onClick={() => {
                  const next = [...chosen];
                  next.splice(index - 1, 2, id, chosen[index - 1] ?? id);
                  choose(next);
                }}
              >
                ↑
              </Button>
            )}
            {chosen.length > 1 && (
              <Button
                size="small"
                aria-label={t('kits.orderWishes.without', { what: t(`style.${id}.name`) })}
                onClick={() => choose(chosen.filter((one) => one !== id))}
              >
                ×
              </Button>
            )}
          </Box>
        ))}
      </Box>
      {rest.length > 0 && (
        <TextField
          select
          size="small"
          label={t('kits.orderWishes.addAStyle')}
          value=""
          onChange={({ target }) => {
            const found = rest.find(({ id }) => id === target.value);
            if (found) choose([found.id, ...chosen]);
          }}
          sx={{ width: '100%', mt: 1 }}
        >
          {rest.map(({ id, words }) => (
            <MenuItem key={id} value={id} sx={{ display: 'block' }}>
              <strong>{words.name}</strong>
              <Box sx={{ color: ink('faded'), whiteSpace: 'normal', maxWidth: 300 }}>
                {words.why}
              </Box>
            </MenuItem>
          ))}
        </TextField>
      )}
    </Box>
  );
}

/** How much room an iron needs: only boards with positions ask for it. */
function IronRoom({ draft }: { readonly draft: OrderDraft }) {
  const { t } = useTranslation();
  const { access } = draft.settings;
  const field = (label: string, name: keyof typeof access, most: number, unit: string) => (
    <TextField
      size="small"
      type="number"
      label={label}
      value={access[name]}
      onChange={({ target }) => {
        const value = Number(target.value);
        if (target.value !== '' && value >= 0 && value <= most) {
          draft.change({ access: { ...access, [name]: value } });
        }
      }}
      slotProps={{ htmlInput: { min: 0, max: most, step: name === 'clearanceMm' ? 0.5 : 1 } }}
      helperText={unit}
      sx={{ flex: 1 }}
    />
  );
  return (
    <details>
      <summary>{t('kits.orderWishes.roomForTheIron')}</summary>
      <Typography sx={{ my: 1 }}>{t('kits.orderWishes.aJointCloserToATall')}</Typography>
      <Box sx={{ display: 'flex', gap: 1 }}>
        {field(
          t('kits.orderWishes.halfAngle'),
          'coneDegrees',
          60,
          t('kits.orderWishes.degrees0To60'),
        )}
        {field(t('kits.orderWishes.clearance'), 'clearanceMm', 10, t('kits.orderWishes.mm0To10'))}
      </Box>
    </details>
  );
}
