import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Board } from '#core/board/board';
import { type Cable, mostCables } from '#core/wiring/cable';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { CablePicture } from '../../ui/wiring/CablePicture.tsx';
import { CableDialog } from './CableDialog.tsx';
import { CableWarnings } from './CableWarnings.tsx';
import { useNamedOnBoard } from './useNamedOnBoard.ts';

/** Cables of a kit: which core goes to which lead, and what they go through before they are soldered. */
export function Cables({ board }: { readonly board: Board }) {
  const { t } = useTranslation();
  const { put, remove } = useNamedOnBoard(board, 'cables');
  const [open, setOpen] = useState<Cable | 'new'>();
  const cables = board.cables ?? [];
  return (
    <Box component="section" aria-labelledby="cables-title" sx={{ mt: 3 }}>
      <Typography variant="h2" id="cables-title">
        {t('kits.cables.title')}
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>{t('kits.cables.intro')}</Typography>
      <ul className="cables">
        {cables.map((cable) => (
          <li key={cable.name}>
            <strong>{cable.name}</strong>
            <CablePicture cable={cable} />
            <Box>
              <Typography>
                {cable.mm === null
                  ? t('kits.cables.noLength')
                  : t('kits.cables.length', { mm: cable.mm })}
              </Typography>
              {cable.through && (
                <Typography>{t('kits.cables.goesThrough', { what: cable.through })}</Typography>
              )}
              <CableWarnings cable={cable} />
              <InstructorOnly>
                <Button
                  onClick={() => setOpen(cable)}
                  aria-label={t('kits.cables.editNamed', { name: cable.name })}
                >
                  {t('kits.panels.edit')}
                </Button>
                <Button
                  color="inherit"
                  aria-label={t('kits.cables.deleteNamed', { name: cable.name })}
                  onClick={() => void remove(cable)}
                >
                  {t('kits.panels.delete')}
                </Button>
              </InstructorOnly>
            </Box>
          </li>
        ))}
      </ul>
      {cables.length < mostCables && (
        <InstructorOnly>
          <Button variant="outlined" onClick={() => setOpen('new')}>
            {t('kits.cables.add')}
          </Button>
        </InstructorOnly>
      )}
      {open !== undefined && (
        <CableDialog
          cable={open === 'new' ? undefined : open}
          taken={cables.filter((one) => one !== open).map(({ name }) => name)}
          save={(cable) => put(cable, open === 'new' ? undefined : open.name)}
          close={() => setOpen(undefined)}
        />
      )}
    </Box>
  );
}
