import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { useLoaderData } from 'react-router';
import { getOwnTypes } from '#contract/kits';
import { packageById } from '#core/parts/packages/index';
import { typeByNumber } from '#core/parts/types/findType';
import { partTypes } from '#core/parts/types/index';
import type { OwnTypes } from '#core/parts/types/ownType';
import type { Packaged, PartType } from '#core/parts/types/type';
import { CallProblem, call } from '../app/call.ts';
import { useChoices } from '../app/useChoices.ts';
import { GuideTabs } from './GuideTabs.tsx';
import { OwnNumbers } from './OwnNumbers.tsx';
import './guide.css';

const shownAtMost = 60;

/** The guide is open to everybody; numbers of the site's own are shown to who is signed in. */
export async function loadOwnTypes(): Promise<OwnTypes> {
  try {
    return await call(getOwnTypes, {});
  } catch (error) {
    if (error instanceof CallProblem) return {};
    throw error;
  }
}

/** Type numbers that are known: what they are, in which bodies, their leads, what they bear. */
export function TypesPage() {
  const [search, choose] = useChoices();
  const own = useLoaderData<OwnTypes>();
  const asked = search.get('find') ?? '';
  const found = findTypes(asked);
  return (
    <>
      <GuideTabs />
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'flex-end', mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">Type numbers</Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            {partTypes.length} numbers, from memory of the makers’ data sheets. Yours may differ:
            the sheet of your batch decides.
          </Typography>
        </Box>
        <TextField
          label="Find a number or a word"
          size="small"
          type="search"
          value={asked}
          onChange={({ target }) => choose({ find: target.value || undefined })}
          sx={{ minWidth: 260 }}
        />
      </Box>
      <OwnNumbers types={own} />
      {found.length === 0 ? (
        <Typography role="status">
          “{asked}” is not known. A part of an unknown type can be used all the same: say its kind,
          body, pins and leads in the parts list of the kit.
        </Typography>
      ) : (
        <TypeTable types={found.slice(0, shownAtMost)} />
      )}
      {found.length > shownAtMost && (
        <Typography role="status" sx={{ mt: 1.5 }}>
          {found.length - shownAtMost} more. Type more of the number to find yours.
        </Typography>
      )}
    </>
  );
}

/** The number as it is printed comes first, then whatever has the letters in its number or its words. */
function findTypes(asked: string): readonly PartType[] {
  const plain = asked.trim().toUpperCase();
  if (plain === '') return partTypes;
  const exact = typeByNumber(asked)?.type;
  const others = partTypes.filter(
    (type) =>
      type !== exact &&
      [type.number, ...(type.also ?? []), type.kind, type.does ?? ''].some((text) =>
        text.toUpperCase().includes(plain),
      ),
  );
  return exact ? [exact, ...others] : others;
}

function TypeTable({ types }: { readonly types: readonly PartType[] }) {
  return (
    <div className="guide-scroll">
      <table className="guide-table" aria-label="Type numbers">
        <thead>
          <tr>
            <th scope="col">Number</th>
            <th scope="col">What it is</th>
            <th scope="col">Body</th>
            <th scope="col">Leads, print towards you, left to right</th>
            <th scope="col">Voltage</th>
            <th scope="col">Bears</th>
          </tr>
        </thead>
        <tbody>
          {types.map((type) => (
            <tr key={type.number}>
              <td data-label="Number" className="mono">
                {type.number}
                {type.also && type.also.length > 0 && (
                  <span className="guide-more">{type.also.slice(0, 4).join(', ')}</span>
                )}
              </td>
              <td data-label="What it is">
                {type.kind.replaceAll('-', ' ')}
                {type.does && <span className="guide-more">{type.does}</span>}
              </td>
              <td data-label="Body">
                {type.packages.map((packaged) => (
                  <div key={packaged.package}>
                    {packageById(packaged.package).name}, {packaged.pins} pins
                  </div>
                ))}
              </td>
              <td data-label="Leads">
                {type.packages.map((packaged) => (
                  <Leads key={packaged.package} packaged={packaged} />
                ))}
              </td>
              <td data-label="Voltage" className="mono">
                {type.volt === undefined ? '–' : `${type.volt} V`}
              </td>
              <td data-label="Bears" className="mono">
                {limits(type) || '–'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Leads({ packaged: { pinout, makersDiffer } }: { readonly packaged: Packaged }) {
  const { t } = useTranslation();
  if (!pinout) return <div>{makersDiffer ? 'makers differ: compare the sheet' : '–'}</div>;
  return (
    <div>
      {pinout.map((pin) => t(`lead.${pin}`, { defaultValue: pin })).join(', ')}
      {makersDiffer && <span className="guide-more">makers differ: compare the sheet</span>}
    </div>
  );
}

const limits = ({ maxVolt, maxAmpere }: PartType): string =>
  [maxVolt && `${maxVolt} V`, maxAmpere && ampere(maxAmpere)].filter(Boolean).join(', ');

const ampere = (amount: number) => (amount < 1 ? `${Math.round(amount * 1000)} mA` : `${amount} A`);
