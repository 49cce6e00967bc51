import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Block } from '#core/order/block';
import { shortDesignators } from '#core/parts/label';
import { readDesignators } from '#core/partslist/designators';
import { saying } from '#core/words/sayings';
import { ink } from '../../app/tokens.ts';
import { useKit } from '../KitFrame.tsx';
import type { OrderDraft } from './orderDraft.ts';

/** The parts of the circuit that are tested by themselves: as the nets have them, or as the instructor says. */
export function BlockNames({ draft }: { readonly draft: OrderDraft }) {
  const { t } = useTranslation();
  const { plan, settings, change } = draft;
  const { blocks } = plan;
  const put = (index: number, block: Block) =>
    change({ blocks: blocks.map((one, at) => (at === index ? block : one)) });
  return (
    <details>
      <summary>
        {blocks.length === 0
          ? t('kits.blockNames.noBlocks')
          : t('kits.blockNames.blocks', { names: blocks.map(({ name }) => name).join(', ') })}
      </summary>
      <Typography sx={{ my: 1 }}>
        {settings.blocks
          ? t('kits.blockNames.theseAreYourOwn')
          : blocks.length > 0
            ? t('kits.blockNames.asTheNetsOfTheBoard')
            : t('kits.blockNames.theBoardHasNoNetsYet')}
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
          {t('kits.blockNames.addABlock')}
        </Button>
        {settings.blocks && (
          <Button size="small" onClick={() => change({ blocks: null })}>
            {t('kits.blockNames.takeThoseOfTheNets')}
          </Button>
        )}
      </Box>
    </details>
  );
}

function freeName(blocks: readonly Block[]): string {
  let number = blocks.length + 1;
  while (blocks.some(({ name }) => name === `Block ${number}`)) number += 1;
  return t('kits.blockNames.block', { number });
}

interface BlockFormProps {
  readonly block: Block;
  readonly others: readonly string[];
  readonly put: (block: Block) => void;
  readonly remove: () => void;
}

function BlockForm({ block, others, put, remove }: BlockFormProps) {
  const { t } = useTranslation();
  const kit = useKit();
  const [name, setName] = useState(block.name);
  const [places, setPlaces] = useState(shortDesignators(block.places));
  const [test, setTest] = useState(block.test ?? '');
  const known = new Set(kit.lines.flatMap(({ part }) => part.designators));
  const asked = readDesignators(places);
  const strange = asked.ok ? asked.value.filter((place) => !known.has(place)) : [];
  const nameProblem =
    name.trim() === ''
      ? t('kits.blockNames.giveTheBlockAName')
      : others.includes(name.trim())
        ? t('kits.blockNames.anotherBlockHasThisName')
        : undefined;
  const placesProblem = !asked.ok
    ? saying(t, asked.problem)
    : strange.length > 0
      ? t('kits.blockNames.notInThisKit', { strange: strange.join(', ') })
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
      aria-label={t('kits.blockNames.block2', { name: block.name })}
    >
      <TextField
        size="small"
        label={t('kits.blockNames.name')}
        value={name}
        onChange={({ target }) => setName(target.value)}
        onBlur={keep}
        error={nameProblem !== undefined}
        helperText={nameProblem}
      />
      <TextField
        size="small"
        label={t('kits.blockNames.parts')}
        value={places}
        onChange={({ target }) => setPlaces(target.value)}
        onBlur={keep}
        error={placesProblem !== undefined}
        helperText={placesProblem ?? t('kits.blockNames.suchAsR1R3C1')}
      />
      <TextField
        size="small"
        label={t('kits.blockNames.itWorksWhenOneSees')}
        value={test}
        onChange={({ target }) => setTest(target.value)}
        onBlur={keep}
        helperText={t('kits.blockNames.emptyWhereItCannotBeTried')}
      />
      <Button size="small" onClick={remove} sx={{ justifySelf: 'start' }}>
        {t('kits.blockNames.remove')}
      </Button>
    </Box>
  );
}
