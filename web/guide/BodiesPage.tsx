import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { measuredPackages, packageById, packageIds } from '#core/parts/packages/index';
import type { Package } from '#core/parts/packages/package';
import { useChoices } from '../app/useChoices.ts';
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
        <div className="guide-scroll">
          <table className="guide-table" aria-label={t('guide.bodiesPage.bodies')}>
            <thead>
              <tr>
                <th scope="col">{t('guide.bodiesPage.body')}</th>
                <th scope="col">{t('guide.bodiesPage.fixed')}</th>
                <th scope="col">{t('guide.bodiesPage.lengthXWidth')}</th>
                <th scope="col">{t('guide.bodiesPage.height')}</th>
                <th scope="col">{t('guide.bodiesPage.betweenLeadsOrRows')}</th>
                <th scope="col">{t('guide.bodiesPage.pins')}</th>
                <th scope="col">{t('guide.bodiesPage.source')}</th>
              </tr>
            </thead>
            <tbody>
              {found.map((one) => (
                <tr key={`${one.name} ${one.shape}`}>
                  <td data-label={t('guide.bodiesPage.body')}>{one.name}</td>
                  <td data-label={t('guide.bodiesPage.fixed')}>
                    {one.mount === 'through'
                      ? t('guide.bodiesPage.throughTheBoard')
                      : t('guide.bodiesPage.onItsSurface')}
                  </td>
                  <td data-label={t('guide.bodiesPage.lengthXWidth')} className="mono">
                    {t('guide.bodiesPage.xMm', { lengthMm: one.lengthMm, widthMm: one.widthMm })}
                  </td>
                  <td data-label={t('guide.bodiesPage.height')} className="mono">
                    {t('guide.bodiesPage.mm', { heightMm: one.heightMm })}
                  </td>
                  <td data-label={t('guide.bodiesPage.betweenLeadsOrRows')} className="mono">
                    {one.leadMm === undefined
                      ? '–'
                      : t('guide.bodiesPage.mm2', { leadMm: one.leadMm })}
                  </td>
                  <td data-label={t('guide.bodiesPage.pins')} className="mono">
                    {one.pins ?? '–'}
                  </td>
                  <td data-label={t('guide.bodiesPage.source')}>{one.source}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  );
}
