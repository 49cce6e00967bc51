import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import type { KitLine } from '#contract/kits';
import { flagsOf } from '#core/parts/flags';
import { shortDesignators } from '#core/parts/label';
import { useIsInstructor } from '../app/staff.ts';
import { ink } from '../app/tokens.ts';
import { useChoices } from '../app/useChoices.ts';
import { Glyph } from '../ui/Glyph.tsx';
import { Errata } from './Errata.tsx';
import { useKit } from './KitFrame.tsx';
import { LineDeeds } from './LineDeeds.tsx';
import { PartsLines } from './PartsLines.tsx';
import { PartsTable, type TableLine } from './PartsTable.tsx';
import { useChangeKit } from './useChangeKit.tsx';

/** Both read what a part is from words; the reader comes with them. */
const AddParts = lazy(async () => ({ default: (await import('./AddParts.tsx')).AddParts }));
const LineDialog = lazy(async () => ({ default: (await import('./LineDialog.tsx')).LineDialog }));

export function PartsPage() {
  const { t } = useTranslation();
  const { lines } = useKit();
  const changeKit = useChangeKit();
  const isInstructor = useIsInstructor();
  const [line, setLine] = useState<KitLine>();
  const [adding, setAdding] = useState(lines.length === 0);
  const [search, choose] = useChoices();
  const view = search.get('view') === 'pictures' ? 'pictures' : 'lines';
  const Shown = view === 'pictures' ? PartsTable : PartsLines;
  const rows = useMemo(
    () => lines.map((one, index): TableLine => ({ ...one, key: String(index) })),
    [lines],
  );
  const correct = useCallback(({ key }: TableLine) => setLine(lines[Number(key)]), [lines]);

  const add = async (more: readonly KitLine[]) =>
    (
      await changeKit(
        ({ lines: now }) => ({ lines: [...now, ...more] }),
        t('kits.addParts.added', { count: more.length }),
      )
    )?.message;
  const deeds = useCallback(
    (chosen: readonly TableLine[], done: () => void) => (
      <LineDeeds lines={lines} chosen={chosen.map(({ key }) => Number(key))} done={done} />
    ),
    [lines],
  );
  const save = async (changed: KitLine) => {
    if (line === undefined || indexOfLine(lines, line) < 0) {
      return t('kits.partsPage.thisLineIsNotInThe');
    }
    const refusal = await changeKit(
      ({ lines: now }) => {
        const at = indexOfLine(now, line);
        return { lines: now.map((one, index) => (index === at ? changed : one)) };
      },
      t('kits.partsPage.isCorrected', {
        shortDesignators: shortDesignators(changed.part.designators) || changed.part.description,
      }),
    );
    return refusal?.message;
  };

  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <ToLookAt lines={lines} />
      <Box
        sx={{
          display: 'flex',
          flexWrap: { xs: 'wrap', md: 'nowrap' },
          alignItems: 'flex-start',
          gap: 1,
        }}
      >
        <Box sx={{ flex: { xs: '1 1 100%', md: 1 }, minWidth: 0 }}>
          <Errata />
        </Box>
        {isInstructor && !adding && (
          <Button size="small" variant="outlined" onClick={() => setAdding(true)}>
            {t('kits.addParts.addParts')}
          </Button>
        )}
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view}
          aria-label={t('kits.partsPage.view')}
          onChange={(_, next: string | null) => next && choose({ view: next })}
        >
          <ToggleButton value="lines">{t('kits.partsPage.lines')}</ToggleButton>
          <ToggleButton value="pictures">{t('kits.partsPage.pictures')}</ToggleButton>
        </ToggleButtonGroup>
      </Box>
      {isInstructor && adding && (
        <Suspense>
          <AddParts lines={lines} add={add} />
        </Suspense>
      )}
      {lines.length > 0 && (
        <Shown
          label={t('kits.partsPage.parts')}
          lines={rows}
          {...(isInstructor && { correct, deeds })}
        />
      )}
      {line && (
        <Suspense>
          <LineDialog
            line={line}
            parts={lines.map(({ part }) => part)}
            save={save}
            close={() => setLine(undefined)}
          />
        </Suspense>
      )}
    </Box>
  );
}

/** Where a line that was opened stands now: the list may have been changed by somebody else. */
function indexOfLine(lines: readonly KitLine[], { part }: KitLine): number {
  const same = lines.findIndex(
    (one) =>
      one.part.designators.join() === part.designators.join() &&
      one.part.description === part.description,
  );
  if (same >= 0 || part.designators.length === 0) return same;
  return lines.findIndex((one) => one.part.designators.includes(part.designators[0] ?? ''));
}

/** In one line how much of the list wants a look. */
function ToLookAt({ lines }: { readonly lines: readonly KitLine[] }) {
  const { t } = useTranslation();
  const unsure = lines.filter(({ confidence }) => confidence === 'unsure').length;
  const unknown = lines.filter(({ confidence }) => confidence === 'unknown').length;
  const flagged = lines.filter(({ part }) => flagsOf(part).length > 0).length;
  const notes = [
    unsure > 0 ? t('kits.partsPage.readButNotSure', { unsure }) : '',
    unknown > 0 ? t('kits.partsPage.notRecognised', { unknown }) : '',
    flagged > 0 ? t('kits.partsPage.withAnOddOrMissingValue', { flagged }) : '',
  ].filter(Boolean);
  if (notes.length === 0) return null;
  return (
    <Typography sx={{ color: ink('copper'), fontWeight: 650 }}>
      <Trans
        i18nKey="kits.partsPage.toLookAtCorrectIsRemembered"
        values={{ notes: notes.join(', ') }}
        components={{ glyph: <Glyph name="flag" /> }}
      />
    </Typography>
  );
}
