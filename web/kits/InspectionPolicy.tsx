import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
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
    ['None', { kind: 'none' }],
    [`${sample} of each line`, { kind: 'sample', pieces: sample }],
    ['Every part', { kind: 'every' }],
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
          : `Write a whole number from ${limits[name][0]} to ${limits[name][1]}; ${defaults[name]} is used.`
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
        How many should be measured?
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr 1fr' }}>
        {number('bags', 'Bags', 'to pack')}
        {number('sample', 'Sample', 'of each line')}
        {number('wrong', 'Wrong, in %', 'of a bad line')}
      </Box>
      <Box component="table" aria-label="Policies" sx={tableStyle}>
        <thead>
          <tr>
            <th scope="col">Measured</th>
            <th scope="col">Parts</th>
            <th scope="col">Time</th>
            <th scope="col">Wrong ones found</th>
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
        {secondsPerPiece} s for a part and {secondsPerLine} s for a line, common practice. Where a
        sample holds a wrong part the whole line is measured, so the share found is the chance that
        it holds one: drawn without putting back.
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
