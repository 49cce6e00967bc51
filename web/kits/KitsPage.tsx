import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import type { KitSummary } from '#contract/kits';
import { plain } from '#core/partslist/plain';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { useChoices } from '../app/useChoices.ts';
import { duration } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import { BoardThumbnail } from './BoardThumbnail.tsx';
import './kits.css';

/** So few are seen at a glance. */
const searchedFrom = 6;

export function KitsPage() {
  const { t } = useTranslation();
  const kits = useLoaderData<readonly KitSummary[]>();
  const [search, choose] = useChoices();
  const asked = search.get('find') ?? '';
  const found = kits.filter(({ name }) => plain(name).includes(plain(asked)));
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
        {kits.length >= searchedFrom && (
          <TextField
            type="search"
            size="small"
            label={t('kits.kitsPage.find')}
            value={asked}
            onChange={({ target }) => choose({ find: target.value || undefined })}
          />
        )}
        {importButton}
      </PageHead>
      {found.length === 0 && (
        <Typography role="status">{t('kits.kitsPage.noneFound', { asked })}</Typography>
      )}
      <ul className="kit-cards" aria-label={t('kits.kitsPage.kits')}>
        {found.map((kit) => (
          <KitCard key={kit.id} kit={kit} />
        ))}
      </ul>
    </>
  );
}

function KitCard({ kit }: { readonly kit: KitSummary }) {
  const { t } = useTranslation();
  const { id, name, revision, pieces, steps, minutes, supplyVolt, board } = kit;
  const facts = [
    [t('kits.kitsPage.piecesInTheBag'), pieces],
    [t('kits.kitsPage.steps'), steps],
    [t('kits.kitsPage.timeForSomebodyNew'), duration(minutes)],
    [
      t('kits.kitsPage.supply'),
      supplyVolt === null ? t('kits.kitsPage.notGiven') : t('kits.kitsPage.volts', { supplyVolt }),
    ],
    [t('kits.kitsPage.revision'), revision],
  ] as const;
  return (
    <li className="kit-card">
      {board ? (
        <BoardThumbnail board={board} />
      ) : (
        <div className="thumbnail-none">{t('kits.kitsPage.noBoard')}</div>
      )}
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'baseline',
          justifyContent: 'space-between',
          gap: 1,
        }}
      >
        <h2>
          <Link to={`/kits/${id}/parts`}>{name}</Link>
        </h2>
        <InstructorOnly>
          <Button
            size="small"
            component={Link}
            to={`/workshops/new?kit=${id}`}
            aria-label={t('kits.kitsPage.planWith', { name })}
          >
            {t('kits.kitsPage.planAWorkshop')}
          </Button>
        </InstructorOnly>
      </Box>
      <dl>
        {facts.map(([what, value]) => (
          <Box key={what} sx={{ display: 'contents' }}>
            <dt>{what}</dt>
            <dd className="mono">{value}</dd>
          </Box>
        ))}
      </dl>
    </li>
  );
}
