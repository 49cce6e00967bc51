import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Block } from '#core/order/block';
import { shortDesignators } from '#core/parts/label';
import { readDesignators } from '#core/partslist/designators';
import { ink } from '../../app/tokens.ts';
import { useKit } from '../KitFrame.tsx';
import type { OrderDraft } from './orderDraft.ts';

/** The parts of the circuit that are tested by themselves: as the nets have them, or as the instructor says. */
export function BlockNames({ draft }: { readonly draft: OrderDraft }) {
  const { plan, settings, change } = draft;
  const { blocks } = plan;
  const put = (index: number, block: Block) =>
    change({ blocks: blocks.map((one, at) => (at === index ? block : one)) });
  return (
    <details>
      <summary>
        Blocks: {blocks.length === 0 ? 'none' : blocks.map(({ name }) => name).join(', ')}
      </summary>
      <Typography sx={{ my: 1 }}>
        {settings.blocks
          ? 'These are your own.'
          : blocks.length > 0
            ? 'As the nets of the board have them; change one to make them your own. The first one feeds the others.'
            : 'The board has no nets yet, so there is nothing to read them from. Name your own.'}
      </Typography>
      {blocks.map((block, index) => (
        <BlockForm
          // biome-ignore lint/suspicious/noArrayIndexKey: a block has no other identity; its name is what is edited
          key={index}
          block={block}
          others={blocks.filter((_, at) => at !== index).map(({ name }) => name)}
          put={(next) => put(index, next)}
          remove={() => change({ blocks: blocks.filter((_, at) => at !== index) })}
        />
      ))}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          size="small"
          onClick={() =>
            change({
              blocks: [...blocks, { name: freeName(blocks), places: [], test: null }],
            })
          }
        >
          Add a block
        </Button>
        {settings.blocks && (
          <Button size="small" onClick={() => change({ blocks: null })}>
            Take those of the nets
          </Button>
        )}
      </Box>
    </details>
  );
}

function freeName(blocks: readonly Block[]): string {
  let number = blocks.length + 1;
  while (blocks.some(({ name }) => name === `Block ${number}`)) number += 1;
  return `Block ${number}`;
}

interface BlockFormProps {
  readonly block: Block;
  readonly others: readonly string[];
  readonly put: (block: Block) => void;
  readonly remove: () => void;
}

function BlockForm({ block, others, put, remove }: BlockFormProps) {
  const kit = useKit();
  const [name, setName] = useState(block.name);
  const [places, setPlaces] = useState(shortDesignators(block.places));
  const [test, setTest] = useState(block.test ?? '');
  const known = new Set(kit.lines.flatMap(({ part }) => part.designators));
  const asked = readDesignators(places);
  const strange = asked.ok ? asked.value.filter((place) => !known.has(place)) : [];
  const nameProblem =
    name.trim() === ''
      ? 'Give the block a name.'
      : others.includes(name.trim())
        ? 'Another block has this name.'
        : undefined;
  const placesProblem = !asked.ok
    ? asked.problem
    : strange.length > 0
      ? `${strange.join(', ')}: not in this kit`
      : undefined;
  const keep = () => {
    if (nameProblem || placesProblem || !asked.ok) return;
    const next = { name: name.trim(), places: asked.value, test: test.trim() || null };
    if (JSON.stringify(next) !== JSON.stringify(block)) put(next);
  };
  return (
    <Box
      sx={{ display: 'grid', gap: 1, py: 1.5, borderTop: `1px solid ${ink('line')}` }}
      role="group"
      aria-label={`Block ${block.name}`}
    >
      <TextField
        size="small"
        label="Name"
        value={name}
        onChange={({ target }) => setName(target.value)}
        onBlur={keep}
        error={nameProblem !== undefined}
        helperText={nameProblem}
      />
      <TextField
        size="small"
        label="Parts"
        value={places}
        onChange={({ target }) => setPlaces(target.value)}
        onBlur={keep}
        error={placesProblem !== undefined}
        helperText={placesProblem ?? 'such as R1-R3, C1'}
      />
      <TextField
        size="small"
        label="It works when one sees"
        value={test}
        onChange={({ target }) => setTest(target.value)}
        onBlur={keep}
        helperText="empty where it cannot be tried by itself"
      />
      <Button size="small" onClick={remove} sx={{ justifySelf: 'start' }}>
        Remove
      </Button>
    </Box>
  );
}
