import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import type { KitSummary } from '#contract/kits';
import { type ShelfOrder, shelfOf, shelfOrders, tagsOf } from '#core/kitfile/shelf';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { localeNow } from '../app/languages.ts';
import { useChoices } from '../app/useChoices.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import { useMoreWhenSeen } from '../ui/useMoreWhenSeen.ts';
import { KitCard } from './KitCard.tsx';
import './kits.css';

/** So few are seen at a glance. */
const searchedFrom = 6;

/** Every kit as a card: found by words and tags, in the order asked for, those put away apart. */
export function KitsPage() {
  const { t } = useTranslation();
  const kits = useLoaderData<readonly KitSummary[]>();
  const [search, choose] = useChoices();
  const words = search.get('find') ?? '';
  const tag = search.get('tag');
  const archived = search.has('archived');
  const order = shelfOrders.find((one) => one === search.get('by')) ?? 'name';
  const found = shelfOf(kits, { words, tag, archived, order }, localeNow());
  const { shown, mark } = useMoreWhenSeen(found.length);
  const tags = tagsOf(kits);
  const newButton = (
    <InstructorOnly>
      <Button variant="contained" component={Link} to="/kits/new">
        {t('kits.kitsPage.newKit')}
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
          {newButton}
        </EmptyState>
      </>
    );
  }
  return (
    <>
      <PageHead title={t('kits.kitsPage.kits')} facts={t('kits.kitsPage.whatIsInTheBagAnd')}>
        {newButton}
      </PageHead>
      <div className="kit-tools">
        {kits.length >= searchedFrom && (
          <TextField
            type="search"
            size="small"
            label={t('kits.kitsPage.find')}
            value={words}
            onChange={({ target }) => choose({ find: target.value || undefined })}
          />
        )}
        {kits.length > 1 && (
          <TextField
            select
            size="small"
            label={t('kits.kitsPage.order')}
            value={order}
            onChange={({ target }) => choose({ by: target.value as ShelfOrder })}
            sx={{ minWidth: 190 }}
          >
            {shelfOrders.map((one) => (
              <MenuItem key={one} value={one}>
                {t(`kits.kitsPage.by.${one}`)}
              </MenuItem>
            ))}
          </TextField>
        )}
        {tags.length > 0 && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={tag}
            aria-label={t('kits.kitsPage.tags')}
            onChange={(_, next: string | null) => choose({ tag: next ?? undefined })}
            sx={{ flexWrap: 'wrap' }}
          >
            {tags.slice(0, mostTags).map(([one, count]) => (
              <ToggleButton key={one} value={one}>
                {t('kits.kitsPage.tagCount', { tag: one, count })}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        )}
        {kits.some(({ archivedAt }) => archivedAt !== null) && (
          <ToggleButton
            value="archived"
            size="small"
            selected={archived}
            onChange={() => choose({ archived: archived ? undefined : 'yes' })}
          >
            {t('kits.kitsPage.archived')}
          </ToggleButton>
        )}
      </div>
      {found.length === 0 && (
        <Typography role="status">
          {archived || words || tag
            ? t('kits.kitsPage.nothingFound')
            : t('kits.kitsPage.allArchived')}
        </Typography>
      )}
      <ul className="kit-cards" aria-label={t('kits.kitsPage.kits')}>
        {found.slice(0, shown).map((kit) => (
          <KitCard key={kit.id} kit={kit} />
        ))}
      </ul>
      {shown < found.length && (
        <p ref={mark}>{t('ui.dataTable.more', { count: found.length - shown })}</p>
      )}
    </>
  );
}

/** The commonest; further ones are found by their words. */
const mostTags = 12;
