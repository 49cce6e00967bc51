import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Circuit, SupplyAt } from '#core/circuit/circuit';
import { mostSentence, type SaidBlock } from '#core/circuit/notes';
import { blocksOf, keyOfBlock } from '#core/circuit/patterns/index';
import type { Block } from '#core/circuit/patterns/pattern';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { blockText } from './blockText.ts';
import { useCircuitNotes } from './useCircuitNotes.ts';

interface WhatItDoesProps {
  readonly circuit: Circuit;
  readonly at: SupplyAt;
  readonly volt: number | null;
  /** Shows parts on the board. */
  readonly point: (places: ReadonlySet<string>) => void;
}

/** What each block of the circuit is for: recognised, and in the instructor’s words where there are some. */
export function WhatItDoes({ circuit, at, volt, point }: WhatItDoesProps) {
  const { t } = useTranslation();
  const { notes, keep: keepNotes } = useCircuitNotes();
  const blocks = useMemo(() => blocksOf(circuit, at, volt ?? 0), [circuit, at, volt]);
  const saidOf = new Map(notes.does?.map(({ of, text }) => [of, text]));
  const keep = (edit: (does: readonly SaidBlock[]) => readonly SaidBlock[]) =>
    void keepNotes((now) => ({ ...now, does: edit(now.does ?? []) }));
  const say = (block: Block, text: string | null) => {
    const of = keyOfBlock(block);
    keep((does) => {
      const others = does.filter((one) => one.of !== of);
      return text === null ? others : [...others, { of, text }];
    });
  };
  const shown = blocks.filter((block) => saidOf.get(keyOfBlock(block)) !== '');
  const left = blocks.filter((block) => saidOf.get(keyOfBlock(block)) === '');
  return (
    <section>
      <Typography variant="h2">{t('kits.circuit.does.title')}</Typography>
      <p>{t(blocks.length > 0 ? 'kits.circuit.does.about' : 'kits.circuit.does.none')}</p>
      <ul className="circuit-does">
        {shown.map((block) => (
          <Sentence
            key={keyOfBlock(block)}
            {...{ block, point }}
            said={saidOf.get(keyOfBlock(block))}
            say={(text) => say(block, text)}
          />
        ))}
      </ul>
      {left.length > 0 && (
        <InstructorOnly>
          <p>
            {t('kits.circuit.does.left', { count: left.length })}{' '}
            <Button
              size="small"
              color="inherit"
              onClick={() => keep((does) => does.filter(({ text }) => text !== ''))}
            >
              {t('kits.circuit.does.show')}
            </Button>
          </p>
        </InstructorOnly>
      )}
    </section>
  );
}

interface SentenceProps {
  readonly block: Block;
  readonly said: string | undefined;
  /** With null where the usual sentence is to come back. */
  readonly say: (text: string | null) => void;
  readonly point: (places: ReadonlySet<string>) => void;
}

function Sentence({ block, said, say, point }: SentenceProps) {
  const { t } = useTranslation();
  const usual = blockText(t, block);
  const [text, setText] = useState<string>();
  const places = block.places.join(', ');
  return (
    <li>
      <button type="button" className="circuit-net" onClick={() => point(new Set(block.places))}>
        {said ?? usual}
      </button>{' '}
      <InstructorOnly>
        {text === undefined ? (
          <Button
            size="small"
            color="inherit"
            aria-label={`${t('kits.circuit.does.change')}: ${places}`}
            onClick={() => setText(said ?? usual)}
          >
            {t('kits.circuit.does.change')}
          </Button>
        ) : (
          <Box
            component="form"
            sx={{ display: 'grid', gap: 1, py: 1, maxWidth: 560 }}
            onSubmit={(event) => {
              event.preventDefault();
              say(text.trim());
              setText(undefined);
            }}
          >
            <TextField
              multiline
              required
              size="small"
              label={t('kits.circuit.does.text', { places })}
              value={text}
              slotProps={{ htmlInput: { maxLength: mostSentence } }}
              onChange={({ target }) => setText(target.value)}
            />
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              <Button type="submit" variant="contained" disabled={text.trim() === ''}>
                {t('kits.circuit.does.save')}
              </Button>
              {said !== undefined && (
                <Button
                  color="inherit"
                  onClick={() => {
                    say(null);
                    setText(undefined);
                  }}
                >
                  {t('kits.circuit.does.usual')}
                </Button>
              )}
              <Button
                color="inherit"
                onClick={() => {
                  say('');
                  setText(undefined);
                }}
              >
                {t('kits.circuit.does.leave')}
              </Button>
            </Box>
          </Box>
        )}
      </InstructorOnly>
    </li>
  );
}
