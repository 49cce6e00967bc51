import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { addressOf } from '#contract/endpoint';
import type { KitSummary } from '#contract/kits';
import { pictureFile } from '#contract/pictures';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { duration } from '../ui/clock.ts';
import { BoardThumbnail } from './BoardThumbnail.tsx';
import './kits.css';

/** One kit at a glance: its board, what it is, how long it takes. */
export function KitCard({ kit }: { readonly kit: KitSummary }) {
  const { t } = useTranslation();
  const {
    id,
    name,
    revision,
    pieces,
    steps,
    minutes,
    supplyVolt,
    board,
    picture,
    description,
    tags,
    archivedAt,
  } = kit;
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
      {picture ? (
        <img
          className="kit-picture"
          src={addressOf(pictureFile, { hash: picture.hash })}
          alt={picture.alt}
          loading="lazy"
        />
      ) : board ? (
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
        {archivedAt === null && (
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
        )}
      </Box>
      {(archivedAt || description) && (
        <p className="kit-about">
          {archivedAt && <strong>{t('kits.kitsPage.putAway')} </strong>}
          {description}
        </p>
      )}
      {tags.length > 0 && (
        <ul className="kit-tags" aria-label={t('kits.kitsPage.tags')}>
          {tags.map((tag) => (
            <li key={tag}>{tag}</li>
          ))}
        </ul>
      )}
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
