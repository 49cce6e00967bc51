import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { useLoaderData } from 'react-router';
import { getOwnTypes } from '#contract/kits';
import { packageById } from '#core/parts/packages/index';
import { doesOf } from '#core/parts/types/chipDoes';
import { typeByNumber } from '#core/parts/types/findType';
import { partTypes } from '#core/parts/types/index';
import type { OwnTypes } from '#core/parts/types/ownType';
import type { Packaged, PartType } from '#core/parts/types/type';
import { CallProblem, call } from '../app/call.ts';
import { useChoices } from '../app/useChoices.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { GuideTabs } from './GuideTabs.tsx';
import { OwnNumbers } from './OwnNumbers.tsx';
import './guide.css';

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
        <DataTable
          name={t('guide.typesPage.typeNumbers')}
          columns={columnsOf(t)}
          rows={found}
          keyOf={({ number }) => number}
        />
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
      [type.number, ...(type.also ?? []), type.kind, doesOf(type) ?? ''].some((text) =>
        text.toUpperCase().includes(plain),
      ),
  );
  return exact ? [exact, ...others] : others;
}

const columnsOf = (t: TFunction): readonly Column<PartType>[] => [
  {
    id: 'number',
    head: t('guide.typesPage.number'),
    isName: true,
    look: () => 'mono',
    by: ({ number }) => number,
    cell: ({ number, also = [] }) => (
      <>
        {number}
        {also.length > 0 && <span className="guide-more">{also.slice(0, 4).join(', ')}</span>}
      </>
    ),
  },
  {
    id: 'what',
    head: t('guide.typesPage.whatItIs'),
    by: ({ kind }) => kind,
    cell: (type) => (
      <>
        {type.kind.replaceAll('-', ' ')}
        <span className="guide-more">{doesOf(type)}</span>
      </>
    ),
  },
  {
    id: 'body',
    head: t('guide.typesPage.body'),
    cell: ({ packages }) =>
      packages.map(({ package: id, pins }) => (
        <div key={id}>{t('guide.typesPage.pins', { name: packageById(id).name, pins })}</div>
      )),
  },
  {
    id: 'leads',
    head: t('guide.typesPage.leadsPrintTowardsYouLeftTo'),
    cell: ({ packages }) =>
      packages.map((packaged) => <Leads key={packaged.package} packaged={packaged} />),
  },
  {
    id: 'volt',
    head: t('guide.typesPage.voltage'),
    look: () => 'mono',
    by: ({ volt }) => volt ?? null,
    cell: ({ volt }) => (volt === undefined ? '–' : t('guide.typesPage.volt', { volt })),
  },
  {
    id: 'bears',
    head: t('guide.typesPage.bears'),
    look: () => 'mono',
    cell: (type) => limits(t, type) || '–',
  },
];

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

const limits = (t: TFunction, { maxVolt, maxAmpere }: PartType): string =>
  [maxVolt && t('guide.typesPage.volt', { volt: maxVolt }), maxAmpere && ampere(t, maxAmpere)]
    .filter(Boolean)
    .join(', ');

const ampere = (t: TFunction, amount: number) =>
  amount < 1
    ? t('guide.typesPage.ma', { amount: Math.round(amount * 1000) })
    : t('guide.typesPage.ampere', { amount });
