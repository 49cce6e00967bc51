import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
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
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const own = useLoaderData<OwnTypes>();
  const asked = search.get('find') ?? '';
  const found = findTypes(asked);
  return (
    <>
      <GuideTabs />
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'flex-end', mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">{t('guide.typesPage.typeNumbers')}</Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            {t('guide.typesPage.numbersFromMemoryOfTheMakers', { count: partTypes.length })}
          </Typography>
        </Box>
        <TextField
          label={t('guide.typesPage.findANumberOrAWord')}
          size="small"
          type="search"
          value={asked}
          onChange={({ target }) => choose({ find: target.value || undefined })}
          sx={{ minWidth: 260 }}
        />
      </Box>
      <OwnNumbers types={own} />
      {found.length === 0 ? (
        <Typography role="status">{t('guide.typesPage.isNotKnownAPartOf', { asked })}</Typography>
      ) : (
        <TypeTable types={found.slice(0, shownAtMost)} />
      )}
      {found.length > shownAtMost && (
        <Typography role="status" sx={{ mt: 1.5 }}>
          {t('guide.typesPage.moreTypeMoreOfTheNumber', { count: found.length - shownAtMost })}
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
  const { t } = useTranslation();
  return (
    <div className="guide-scroll">
      <table className="guide-table" aria-label={t('guide.typesPage.typeNumbers')}>
        <thead>
          <tr>
            <th scope="col">{t('guide.typesPage.number')}</th>
            <th scope="col">{t('guide.typesPage.whatItIs')}</th>
            <th scope="col">{t('guide.typesPage.body')}</th>
            <th scope="col">{t('guide.typesPage.leadsPrintTowardsYouLeftTo')}</th>
            <th scope="col">{t('guide.typesPage.voltage')}</th>
            <th scope="col">{t('guide.typesPage.bears')}</th>
          </tr>
        </thead>
        <tbody>
          {types.map((type) => (
            <tr key={type.number}>
              <td data-label={t('guide.typesPage.number')} className="mono">
                {type.number}
                {type.also && type.also.length > 0 && (
                  <span className="guide-more">{type.also.slice(0, 4).join(', ')}</span>
                )}
              </td>
              <td data-label={t('guide.typesPage.whatItIs')}>
                {type.kind.replaceAll('-', ' ')}
                {type.does && <span className="guide-more">{type.does}</span>}
              </td>
              <td data-label={t('guide.typesPage.body')}>
                {type.packages.map((packaged) => (
                  <div key={packaged.package}>
                    {t('guide.typesPage.pins', {
                      name: packageById(packaged.package).name,
                      pins: packaged.pins,
                    })}
                  </div>
                ))}
              </td>
              <td data-label={t('guide.ownNumbers.leads')}>
                {type.packages.map((packaged) => (
                  <Leads key={packaged.package} packaged={packaged} />
                ))}
              </td>
              <td data-label={t('guide.typesPage.voltage')} className="mono">
                {type.volt === undefined ? '–' : `${type.volt} V`}
              </td>
              <td data-label={t('guide.typesPage.bears')} className="mono">
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
  if (!pinout)
    return <div>{makersDiffer ? t('guide.typesPage.makersDifferCompareTheSheet') : '–'}</div>;
  return (
    <div>
      {pinout.map((pin) => t(`lead.${pin}`, { defaultValue: pin })).join(', ')}
      {makersDiffer && (
        <span className="guide-more">{t('guide.typesPage.makersDifferCompareTheSheet')}</span>
      )}
    </div>
  );
}

const limits = ({ maxVolt, maxAmpere }: PartType): string =>
  [maxVolt && `${maxVolt} V`, maxAmpere && ampere(maxAmpere)].filter(Boolean).join(', ');

const ampere = (amount: number) =>
  amount < 1 ? t('guide.typesPage.ma', { amount: Math.round(amount * 1000) }) : `${amount} A`;
