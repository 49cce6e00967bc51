import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useTranslation } from 'react-i18next';
import type { KitLine } from '#contract/kits';
import type { Drawing } from '#core/parts/drawing/drawing';
import { familyOf } from '#core/parts/families/index';
import { shortDesignators, toleranceLabel, valueLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { ink } from '../app/tokens.ts';
import { Glyph } from '../ui/Glyph.tsx';
import { BandNames, PartPicture } from '../ui/PartPicture.tsx';
import { familyWord } from '../ui/partWords.ts';

interface PartsTableProps {
  readonly label: string;
  readonly lines: readonly (KitLine & { readonly key: string; readonly row?: number })[];
}

/** Every line of a parts list as it was read: what it is, how it looks, which way round, how high. */
export function PartsTable({ label, lines }: PartsTableProps) {
  const { t } = useTranslation();
  const withRows = lines.some(({ row }) => row !== undefined);
  return (
    <TableContainer>
      <Table size="small" aria-label={label}>
        <TableHead>
          <TableRow>
            {withRows && <TableCell>Row</TableCell>}
            <TableCell>Place</TableCell>
            <TableCell align="right">Pieces</TableCell>
            <TableCell>What it is</TableCell>
            <TableCell>Value</TableCell>
            <TableCell>Tolerance</TableCell>
            <TableCell>Looks like</TableCell>
            <TableCell>Which way round</TableCell>
            <TableCell align="right">Joints</TableCell>
            <TableCell align="right">Height</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {lines.map(({ key, row, part, confidence }) => {
            const family = familyOf(part);
            return (
              <TableRow key={key}>
                {withRows && <TableCell className="mono">{row}</TableCell>}
                <TableCell className="mono">{shortDesignators(part.designators) || '–'}</TableCell>
                <TableCell className="mono" align="right">
                  {part.quantity}
                </TableCell>
                <TableCell>
                  {t(`family.${family.id}.one`)}
                  <Note part={part} confidence={confidence} />
                </TableCell>
                <TableCell className="mono" sx={{ whiteSpace: 'nowrap' }}>
                  {valueLabel(part.value) || '–'}
                  {part.value.kind === 'amount' &&
                    part.value.ratedVolt !== undefined &&
                    ` · ${part.value.ratedVolt} V`}
                </TableCell>
                <TableCell className="mono">{toleranceLabel(part.value) || '–'}</TableCell>
                <TableCell>
                  <Box
                    sx={{
                      display: 'grid',
                      justifyItems: 'start',
                      gap: 0.5,
                      '& .mat': { p: '4px 6px' },
                    }}
                  >
                    <PartPicture part={part} pixelsPerMm={pictureScale(family.draw(part))} />
                    <BandNames part={part} />
                  </Box>
                </TableCell>
                <TableCell sx={{ maxWidth: 320 }}>
                  <Box component="span" sx={{ fontWeight: 650 }}>
                    <Glyph name={polaritySigns[family.polarity].glyph} />{' '}
                    {polaritySigns[family.polarity].word}
                  </Box>
                  {family.polarity !== 'free' && ` ${familyWord(t, part, 'wayRound') ?? ''}`}
                </TableCell>
                <TableCell className="mono" align="right">
                  {family.joints(part) * part.quantity || '–'}
                </TableCell>
                <TableCell className="mono" align="right" sx={{ whiteSpace: 'nowrap' }}>
                  {family.heightMm} mm
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </TableContainer>
  );
}

const polaritySigns = {
  polarised: { glyph: 'up', word: 'Polarised.' },
  keyed: { glyph: 'diamond', word: 'Fits one way.' },
  free: { glyph: 'ring', word: 'Either way.' },
} as const;

/** As large as a row bears, so that bands and prints can be read. */
const pictureScale = ({ widthMm, heightMm }: Drawing) => Math.min(9, 170 / widthMm, 70 / heightMm);

function Note({
  part,
  confidence,
}: {
  readonly part: Part;
  readonly confidence: KitLine['confidence'];
}) {
  const notes = [
    ...(part.inKit ? [] : ['not in the kit']),
    ...(confidence === 'sure'
      ? []
      : [confidence === 'unsure' ? 'read, but not sure' : 'not recognised']),
  ];
  return notes.map((note) => (
    <Box
      key={note}
      component="span"
      sx={{ display: 'block', color: ink('copper'), fontWeight: 600 }}
    >
      <Glyph name="flag" /> {note}
    </Box>
  ));
}
