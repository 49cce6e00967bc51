import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { measuredPackages, packageById, packageIds } from '#core/parts/packages/index';
import type { Package } from '#core/parts/packages/package';
import { useChoices } from '../app/useChoices.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { GuideTabs } from './GuideTabs.tsx';
import './guide.css';

const all: readonly Package[] = [...packageIds.map(packageById), ...measuredPackages];

/** Bodies that parts come in, with their sizes and where those are from. */
export function BodiesPage() {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const asked = search.get('find') ?? '';
  const found = all.filter(({ name, shape }) =>
    `${name} ${shape}`.toLowerCase().includes(asked.trim().toLowerCase()),
  );
  return (
    <>
      <GuideTabs />
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'flex-end', mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">{t('guide.bodiesPage.bodies')}</Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            {t('guide.bodiesPage.usualOutlinesAPartOfAnother')}
          </Typography>
        </Box>
        <TextField
          label={t('guide.bodiesPage.findABody')}
          size="small"
          type="search"
          value={asked}
          onChange={({ target }) => choose({ find: target.value || undefined })}
          sx={{ minWidth: 260 }}
        />
      </Box>
      {found.length === 0 ? (
        <Typography role="status">{t('guide.bodiesPage.noBodyIsCalled', { asked })}</Typography>
      ) : (
        <DataTable
          name={t('guide.bodiesPage.bodies')}
          columns={columnsOf(t)}
          rows={found}
          keyOf={({ name, shape }) => `${name} ${shape}`}
        />
      )}
    </>
  );
}

const columnsOf = (t: TFunction): readonly Column<Package>[] => [
  {
    id: 'body',
    head: t('guide.bodiesPage.body'),
    isName: true,
    by: ({ name }) => name,
    cell: ({ name }) => name,
  },
  {
    id: 'fixed',
    head: t('guide.bodiesPage.fixed'),
    by: ({ mount }) => mount,
    cell: ({ mount }) =>
      mount === 'through'
        ? t('guide.bodiesPage.throughTheBoard')
        : t('guide.bodiesPage.onItsSurface'),
  },
  {
    id: 'size',
    head: t('guide.bodiesPage.lengthXWidth'),
    look: () => 'mono',
    by: ({ lengthMm, widthMm }) => lengthMm * widthMm,
    cell: ({ lengthMm, widthMm }) => t('guide.bodiesPage.xMm', { lengthMm, widthMm }),
  },
  {
    id: 'height',
    head: t('guide.bodiesPage.height'),
    look: () => 'mono',
    by: ({ heightMm }) => heightMm,
    cell: ({ heightMm }) => t('guide.bodiesPage.mm', { heightMm }),
  },
  {
    id: 'leads',
    head: t('guide.bodiesPage.betweenLeadsOrRows'),
    look: () => 'mono',
    by: ({ leadMm }) => leadMm ?? null,
    cell: ({ leadMm }) => (leadMm === undefined ? '–' : t('guide.bodiesPage.mm2', { leadMm })),
  },
  {
    id: 'pins',
    head: t('guide.bodiesPage.pins'),
    look: () => 'mono',
    by: ({ pins }) => pins ?? null,
    cell: ({ pins }) => pins ?? '–',
  },
  { id: 'source', head: t('guide.bodiesPage.source'), cell: ({ source }) => source },
];
