import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import type { KitSummary } from '#contract/kits';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { duration } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';

export function KitsPage() {
  const { t } = useTranslation();
  const kits = useLoaderData<readonly KitSummary[]>();
  const importButton = (
    <InstructorOnly>
      <Button variant="contained" component={Link} to="/kits/import">
        {t('kits.kitsPage.importAPartsList')}
      </Button>
    </InstructorOnly>
  );
  if (kits.length === 0) {
    return (
      <>
        <PageHead title={t('kits.kitsPage.kits')} />
        <EmptyState
          title={t('kits.kitsPage.noKitYet')}
          text={t('kits.kitsPage.aKitBeginsWithItsParts')}
        >
          {importButton}
        </EmptyState>
      </>
    );
  }
  return (
    <>
      <PageHead title={t('kits.kitsPage.kits')} facts={t('kits.kitsPage.whatIsInTheBagAnd')}>
        {importButton}
      </PageHead>
      <Table size="small" aria-label={t('kits.kitsPage.kits')} sx={{ maxWidth: 900 }}>
        <TableHead>
          <TableRow>
            <TableCell>{t('kits.kitsPage.kit')}</TableCell>
            <TableCell>{t('kits.kitsPage.revision')}</TableCell>
            <TableCell>{t('kits.kitsPage.piecesInTheBag')}</TableCell>
            <TableCell>{t('kits.kitsPage.steps')}</TableCell>
            <TableCell>{t('kits.kitsPage.timeForSomebodyNew')}</TableCell>
            <TableCell>{t('kits.kitsPage.supply')}</TableCell>
            <TableCell />
          </TableRow>
        </TableHead>
        <TableBody>
          {kits.map((kit) => (
            <TableRow key={kit.id} hover>
              <TableCell sx={{ fontSize: '1.05rem', fontWeight: 650 }}>
                <Box component={Link} to={`/kits/${kit.id}/parts`} sx={{ color: 'text.primary' }}>
                  {kit.name}
                </Box>
              </TableCell>
              <TableCell className="mono">{kit.revision}</TableCell>
              <TableCell className="mono">{kit.pieces}</TableCell>
              <TableCell className="mono">{kit.steps}</TableCell>
              <TableCell>{duration(kit.minutes)}</TableCell>
              <TableCell className="mono">
                {kit.supplyVolt === null ? t('kits.kitsPage.notGiven') : `${kit.supplyVolt} V`}
              </TableCell>
              <TableCell align="right">
                <InstructorOnly>
                  <Button size="small" component={Link} to={`/workshops/new?kit=${kit.id}`}>
                    {t('kits.kitsPage.planAWorkshop')}
                  </Button>
                </InstructorOnly>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </>
  );
}
