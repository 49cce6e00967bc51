import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getRevision, listRevisions, type Revision, type RevisionSummary } from '#contract/kits';
import type { Change } from '#core/parts/compareLists';
import { call } from '../app/call.ts';
import { ink } from '../app/tokens.ts';
import { useChoices } from '../app/useChoices.ts';
import { dateAndTime } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { Glyph, type GlyphName } from '../ui/Glyph.tsx';
import { changesBetween, changeWords } from './changeWords.ts';

interface Compared {
  readonly revisions: readonly RevisionSummary[];
  readonly from: Revision | undefined;
  readonly to: Revision;
}

/** The revisions of a kit, and the two of them that the address names: by default the newest and the one before. */
export async function loadRevisions({ params, request }: LoaderFunctionArgs): Promise<Compared> {
  const kitId = String(params.kitId);
  const revisions = await call(listRevisions, { params: { kitId } });
  const { searchParams } = new URL(request.url);
  const newest = revisions[0]?.number ?? 1;
  const number = (name: string, otherwise: number) => {
    const asked = Number(searchParams.get(name));
    return revisions.some((revision) => revision.number === asked) ? asked : otherwise;
  };
  const to = number('to', newest);
  const from = number('from', to - 1);
  const get = (of: number) => call(getRevision, { params: { kitId, number: String(of) } });
  return { revisions, to: await get(to), from: from < 1 ? undefined : await get(from) };
}

/** What has changed between two revisions. */
export function RevisionsPage() {
  const { t } = useTranslation();
  const { revisions, from, to } = useLoaderData<Compared>();
  const [, choose] = useChoices();
  if (!from) {
    return (
      <EmptyState
        title={t('kits.revisionsPage.oneRevisionSoFar')}
        text={t('kits.revisionsPage.aKitInUseIsNever')}
      />
    );
  }
  const changes = changesBetween(from, to);
  const choice = (label: string, value: number, choose: (number: string) => void) => (
    <TextField
      select
      size="small"
      label={label}
      value={String(value)}
      onChange={({ target }) => choose(target.value)}
      sx={{ width: 300, maxWidth: '100%' }}
    >
      {revisions.map(({ number, importedAt, workshops }) => (
        <MenuItem key={number} value={String(number)}>
          {[
            t('kits.revisionsPage.revision', { number, when: dateAndTime(importedAt) }),
            workshops > 0 && t('kits.revisionsPage.workshops', { count: workshops }),
          ]
            .filter(Boolean)
            .join(' · ')}
        </MenuItem>
      ))}
    </TextField>
  );
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        maxWidth: 980,
        gridTemplateColumns: 'minmax(0, 1fr)',
        overflowWrap: 'anywhere',
      }}
    >
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
        {choice(t('kits.revisionsPage.from'), from.revision, (number) =>
          choose({ from: number, to: String(to.revision) }),
        )}
        {choice(t('kits.revisionsPage.to'), to.revision, (number) =>
          choose({ from: String(from.revision), to: number }),
        )}
      </Box>
      <Typography variant="h2">
        {t('kits.revisionsPage.differences', { count: changes.length })}
      </Typography>
      <Box
        component="ul"
        aria-label={t('kits.revisionsPage.changes')}
        sx={{ listStyle: 'none', m: 0, p: 0 }}
      >
        {changes.map((change) => (
          <Box
            component="li"
            key={JSON.stringify(change)}
            sx={{ py: 0.75, borderBottom: `1px solid ${ink('line')}` }}
          >
            <ChangeRow t={t} change={change} />
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const signs: Readonly<Record<Change['kind'], { glyph: GlyphName; word: string }>> = {
  added: {
    glyph: 'up',
    get word() {
      return t('kits.revisionsPage.new');
    },
  },
  removed: {
    glyph: 'down',
    get word() {
      return t('kits.revisionsPage.gone');
    },
  },
  changed: {
    glyph: 'diamond',
    get word() {
      return t('kits.revisionsPage.changed');
    },
  },
  supply: {
    glyph: 'diamond',
    get word() {
      return t('kits.revisionsPage.changed');
    },
  },
  circuit: {
    glyph: 'diamond',
    get word() {
      return t('kits.revisionsPage.changed');
    },
  },
  board: {
    glyph: 'diamond',
    get word() {
      return t('kits.revisionsPage.board');
    },
  },
  order: {
    glyph: 'diamond',
    get word() {
      return t('kits.revisionsPage.steps');
    },
  },
  'erratum-added': {
    glyph: 'warn',
    get word() {
      return t('kits.revisionsPage.newErratum');
    },
  },
  'erratum-removed': {
    glyph: 'tick',
    get word() {
      return t('kits.revisionsPage.erratumGone');
    },
  },
};

function ChangeRow({ t, change }: { readonly t: TFunction; readonly change: Change }) {
  const { glyph, word } = signs[change.kind];
  return (
    <>
      <strong>
        <Glyph name={glyph} /> {word}:
      </strong>{' '}
      {changeWords(t, change)}
    </>
  );
}
