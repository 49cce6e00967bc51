import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getRevision, listRevisions, type Revision, type RevisionSummary } from '#contract/kits';
import { type Change, type ChangedField, compareLists } from '#core/parts/compareLists';
import { shortDesignators, toleranceLabel, valueLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { partName } from '#core/words/partWords';
import { call } from '../app/call.ts';
import { ink } from '../app/tokens.ts';
import { useChoices } from '../app/useChoices.ts';
import { dateAndTime } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { Glyph, type GlyphName } from '../ui/Glyph.tsx';

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
        title="One revision so far"
        text="A kit in use is never changed: a change after a workshop was planned on it makes the next revision, and what has changed stands here."
      />
    );
  }
  const changes = compareLists(content(from), content(to));
  const choice = (label: string, value: number, choose: (number: string) => void) => (
    <TextField
      select
      size="small"
      label={label}
      value={String(value)}
      onChange={({ target }) => choose(target.value)}
      sx={{ minWidth: 300 }}
    >
      {revisions.map(({ number, importedAt, workshops }) => (
        <MenuItem key={number} value={String(number)}>
          Revision {number} · {dateAndTime(importedAt)}
          {workshops > 0 && ` · ${workshops} ${workshops === 1 ? 'workshop' : 'workshops'}`}
        </MenuItem>
      ))}
    </TextField>
  );
  return (
    <Box sx={{ display: 'grid', gap: 2, maxWidth: 980 }}>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
        {choice('From', from.revision, (number) =>
          choose({ from: number, to: String(to.revision) }),
        )}
        {choice('To', to.revision, (number) => choose({ from: String(from.revision), to: number }))}
      </Box>
      <Typography variant="h2">
        {changes.length === 0
          ? 'No difference'
          : `${changes.length} ${changes.length === 1 ? 'change' : 'changes'}`}
      </Typography>
      <Box component="ul" aria-label="Changes" sx={{ listStyle: 'none', m: 0, p: 0 }}>
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

const content = ({ lines, supplyVolt, errata, board, order }: Revision) => ({
  parts: lines.map(({ part }) => part),
  supplyVolt,
  errata,
  board,
  order,
});

const signs: Readonly<Record<Change['kind'], { glyph: GlyphName; word: string }>> = {
  added: { glyph: 'up', word: 'New' },
  removed: { glyph: 'down', word: 'Gone' },
  changed: { glyph: 'diamond', word: 'Changed' },
  supply: { glyph: 'diamond', word: 'Changed' },
  board: { glyph: 'diamond', word: 'Board' },
  order: { glyph: 'diamond', word: 'Steps' },
  'erratum-added': { glyph: 'warn', word: 'New erratum' },
  'erratum-removed': { glyph: 'tick', word: 'Erratum gone' },
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

function changeWords(t: TFunction, change: Change): string {
  switch (change.kind) {
    case 'added':
    case 'removed':
      return named(t, change.part);
    case 'changed':
      return `${named(t, change.from)}: ${change.fields
        .map(
          (field) =>
            `${fieldNames[field]} ${fieldWords(t, change.from, field)} → ${fieldWords(t, change.to, field)}`,
        )
        .join(', ')}`;
    case 'supply':
      return `supply ${volts(change.from)} → ${volts(change.to)}`;
    case 'board':
      return change.places.length === 0
        ? 'outline, pads or wiring'
        : `other spots for ${shortDesignators(change.places)}`;
    case 'order':
      return 'another order, or other wishes for it';
    case 'erratum-added':
    case 'erratum-removed':
      return `${shortDesignators(change.erratum.designators)}: ${change.erratum.text}`;
  }
}

const named = (t: TFunction, part: Part) =>
  `${shortDesignators(part.designators) || part.description}, ${partName(t, part)}`;
const volts = (volt: number | null) => (volt === null ? 'not given' : `${volt} V`);

const fieldNames: Readonly<Record<ChangedField, string>> = {
  designators: 'places',
  quantity: 'pieces',
  family: 'kind',
  value: 'value',
  pins: 'pins',
  supply: 'brought',
  lotNote: 'lot note',
};
const supplyWords = { 'in-kit': 'in the kit', spare: 'spare', 'not-in-kit': 'not in the kit' };

function fieldWords(t: TFunction, part: Part, field: ChangedField): string {
  switch (field) {
    case 'designators':
      return shortDesignators(part.designators) || 'none';
    case 'quantity':
      return String(part.quantity);
    case 'family':
      return t(`family.${part.family}.one`);
    case 'value':
      return [valueLabel(part.value) || 'none', toleranceLabel(part.value)]
        .filter(Boolean)
        .join(' ');
    case 'pins':
      return part.pins === undefined ? 'not given' : String(part.pins);
    case 'supply':
      return supplyWords[part.supply];
    case 'lotNote':
      return part.lotNote ? `“${part.lotNote.text}”` : 'none';
  }
}
