import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { costOf, type Policy, secondsPerLine, secondsPerPiece } from '#core/inspection/policy';
import type { Part } from '#core/parts/part';
import { ink } from '../app/tokens.ts';
import { useChoices } from '../app/useChoices.ts';
import { duration } from '../ui/clock.ts';

const defaults = { bags: 12, sample: 3, wrong: 5 } as const;
type Setting = keyof typeof defaults;
const limits: Readonly<Record<Setting, readonly [number, number]>> = {
  bags: [1, 500],
  sample: [1, 500],
  wrong: [1, 100],
};

/** What it costs to measure none, a sample or every part before the bags are packed, and what that would find. */
export function InspectionPolicy({ parts }: { readonly parts: readonly Part[] }) {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const value = (name: Setting): number => {
    const asked = Number(search.get(name) ?? defaults[name]);
    const [low, high] = limits[name];
    return Number.isInteger(asked) && asked >= low && asked <= high ? asked : defaults[name];
  };
  const set = (name: Setting, text: string) => choose({ [name]: text });
  const bags = value('bags');
  const sample = value('sample');
  const wrong = value('wrong');
  const lots = parts.map(({ quantity }) => ({ pieces: quantity * bags }));
  const policies: readonly (readonly [string, Policy])[] = [
    [t('kits.inspectionPolicy.none'), { kind: 'none' }],
    [t('kits.inspectionPolicy.ofEachLine', { sample }), { kind: 'sample', pieces: sample }],
    [t('kits.inspectionPolicy.everyPart'), { kind: 'every' }],
  ];
  const number = (name: Setting, label: string, hint: string) => (
    <TextField
      label={label}
      size="small"
      type="number"
      value={search.get(name) ?? String(defaults[name])}
      onChange={({ target }) => set(name, target.value)}
      error={String(value(name)) !== (search.get(name) ?? String(defaults[name]))}
      helperText={
        String(value(name)) === (search.get(name) ?? String(defaults[name]))
          ? hint
          : t('kits.inspectionPolicy.writeAWholeNumberFromTo', {
              value: limits[name][0],
              value2: limits[name][1],
              value3: defaults[name],
            })
      }
      slotProps={{ htmlInput: { min: limits[name][0], max: limits[name][1] } }}
    />
  );
  return (
    <Box
      component="section"
      aria-labelledby="policy"
      sx={{ border: `1px solid ${ink('line')}`, background: ink('sheet'), p: 2.5 }}
    >
      <Typography variant="h2" id="policy" sx={{ mb: 1.5 }}>
        {t('kits.inspectionPolicy.howManyShouldBeMeasured')}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(3, minmax(0, 1fr))' }}>
        {number('bags', t('kits.inspectionPolicy.bags'), t('kits.inspectionPolicy.toPack'))}
        {number(
          'sample',
          t('kits.inspectionPolicy.sample'),
          t('kits.inspectionPolicy.ofEachLine2'),
        )}
        {number('wrong', t('kits.inspectionPolicy.wrongIn'), t('kits.inspectionPolicy.ofABadLine'))}
      </Box>
      <Box component="table" aria-label={t('kits.inspectionPolicy.policies')} sx={tableStyle}>
        <thead>
          <tr>
            <th scope="col">{t('kits.inspectionPolicy.measured')}</th>
            <th scope="col">{t('kits.inspectionPolicy.parts')}</th>
            <th scope="col">{t('kits.inspectionPolicy.time')}</th>
            <th scope="col">{t('kits.inspectionPolicy.wrongOnesFound')}</th>
          </tr>
        </thead>
        <tbody>
          {policies.map(([name, policy]) => {
            const cost = costOf(policy, lots, wrong / 100);
            return (
              <tr key={policy.kind}>
                <th scope="row">{name}</th>
                <td className="mono">{cost.measured}</td>
                <td className="mono">{duration(cost.minutes)}</td>
                <td className="mono">{Math.round(cost.caught * 100)} %</td>
              </tr>
            );
          })}
        </tbody>
      </Box>
      <Typography variant="body2" sx={{ color: 'text.secondary', mt: 1.5 }}>
        {t('kits.inspectionPolicy.sForAPartAndS', { secondsPerPiece, secondsPerLine })}
      </Typography>
    </Box>
  );
}

const tableStyle = {
  width: '100%',
  borderCollapse: 'collapse',
  mt: 2,
  '& th, & td': { textAlign: 'right', py: 0.75, borderBottom: `1px solid ${ink('line')}` },
  '& th:first-of-type': { textAlign: 'left' },
  '& thead th': { color: ink('faded'), fontWeight: 600, verticalAlign: 'bottom' },
};
