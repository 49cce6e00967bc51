import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useEffect, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { getOwnTypes, getRememberedFamilies, type KitLine } from '#contract/kits';
import { checkLines } from '#core/parts/checkLines';
import { shortDesignators } from '#core/parts/label';
import type { OwnTypes } from '#core/parts/types/ownType';
import { textAsCsv } from '#core/partslist/files/openFile';
import { guessMapping } from '#core/partslist/guessMapping';
import { withPlacesApart } from '#core/partslist/placesApart';
import { isClean } from '#core/partslist/problem';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import type { RememberedFamilies } from '#core/partslist/wording';
import { partName } from '#core/words/partWords';
import { saying, written } from '#core/words/sayings';
import { CallProblem, call } from '../app/call.ts';
import { useLatest } from '../app/useLatest.ts';
import { useTyped } from '../app/useTyped.ts';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { useKit } from './KitFrame.tsx';
import { useLineNotes } from './lineNotes.ts';

interface AddPartsProps {
  readonly lines: readonly KitLine[];
  /** Resolves to why it was refused, or to nothing. */
  readonly add: (lines: readonly KitLine[]) => Promise<string | undefined>;
}

interface Known {
  readonly families: RememberedFamilies;
  readonly types: OwnTypes;
}

/** Parts written in lines as people write them, read while they are written; Enter adds them. */
export function AddParts({ lines, add }: AddPartsProps) {
  const { t } = useTranslation();
  const typed = useTyped(`parts to add ${useKit().id}`, { text: '' });
  const { text } = typed.value;
  const latest = useLatest(text);
  const [refusal, setRefusal] = useState<string>();
  const [adding, setAdding] = useState(false);
  const known = useKnown();
  const read = useMemo(() => readTyped(text, known), [text, known]);
  // What the new lines contradict among the old: a place that is taken.
  const clashes = read
    ? checkLines([...lines, ...read.lines].map(({ part }) => part)).filter(
        ({ line }) => line >= lines.length,
      )
    : [];
  const ready = read?.isClean === true && clashes.length === 0;
  const submit = async () => {
    if (!read || !ready || adding) return;
    setAdding(true);
    const refused = await add(read.lines);
    setAdding(false);
    setRefusal(refused);
    // What was typed on meanwhile stays.
    if (refused === undefined && latest.current === text) typed.set({ text: '' });
  };
  return (
    <Box
      component="form"
      aria-label={t('kits.addParts.addParts')}
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
      sx={{ display: 'grid', gap: 1, maxWidth: 900 }}
    >
      <FoundAgain typed={typed} />
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-end', flexWrap: 'wrap' }}>
        <TextField
          autoFocus
          multiline
          maxRows={10}
          label={t('kits.addParts.partsOneInALine')}
          placeholder={t('kits.addParts.example')}
          value={text}
          onChange={({ target }) => {
            typed.set({ text: target.value });
            setRefusal(undefined);
          }}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || event.shiftKey || event.nativeEvent.isComposing) return;
            event.preventDefault();
            void submit();
          }}
          sx={{ flex: 1, minWidth: 260 }}
        />
        <Button type="submit" variant="contained" disabled={!ready} loading={adding}>
          {t('kits.addParts.add')}
        </Button>
      </Box>
      <Box aria-live="polite">
        {read?.lines.map((line, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a line is known by its place
          <Reading key={index} line={line} />
        ))}
        {read?.problems.map(({ line, column, message }) => (
          <p key={`${line}${saying(t, message)}`}>
            {line === null ? '' : `${t('kits.addParts.line', { line: line - 1 })} `}
            <strong>{written(t, column)}:</strong> {saying(t, message)}
          </p>
        ))}
        {clashes.map(({ message }) => (
          <p key={saying(t, message)}>{saying(t, message)}</p>
        ))}
        {refusal && <p role="alert">{refusal}</p>}
      </Box>
      <Typography sx={{ color: 'text.secondary' }}>{t('kits.addParts.hint')}</Typography>
    </Box>
  );
}

/** How one line was understood. */
function Reading({ line }: { readonly line: KitLine }) {
  const { t } = useTranslation();
  const notes = useLineNotes(line);
  const { part } = line;
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', py: 0.25 }}>
      <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 84, height: 24 })} />
      <span className="mono">{shortDesignators(part.designators)}</span>
      <span>
        {part.quantity} × {partName(t, { ...part, quantity: 1 })}
      </span>
      {notes.length > 0 && <span style={{ color: 'var(--copper)' }}>{notes.join(' · ')}</span>}
    </Box>
  );
}

function readTyped(text: string, { families, types }: Known) {
  if (text.trim() === '') return undefined;
  const table = readTable(textAsCsv(text));
  if (!table.ok) {
    const problem = { line: null, column: '', message: table.problem };
    return { lines: [], problems: [problem], isClean: false };
  }
  const apart = withPlacesApart(table.value);
  const reading = readPartsList(apart, guessMapping(apart), families, types);
  return {
    problems: reading.problems,
    isClean: isClean(reading),
    lines: reading.lines.map(({ part, confidence, doubts }): KitLine => {
      const line = { part, confidence };
      return doubts ? { ...line, doubts } : line;
    }),
  };
}

/** What people said of such words before; it only helps. */
function useKnown(): Known {
  const [known, setKnown] = useState<Known>({ families: {}, types: {} });
  useEffect(() => {
    Promise.all([call(getRememberedFamilies, {}), call(getOwnTypes, {})]).then(
      ([families, types]) => setKnown({ families, types }),
      (error: unknown) => {
        if (!(error instanceof CallProblem)) throw error;
      },
    );
  }, []);
  return known;
}
