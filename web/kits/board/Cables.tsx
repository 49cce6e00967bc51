import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Board } from '#core/board/board';
import { type Cable, mostCables } from '#core/wiring/cable';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { CablePicture } from '../../ui/wiring/CablePicture.tsx';
import { useChangeKit } from '../useChangeKit.tsx';
import { CableDialog } from './CableDialog.tsx';
import { CableWarnings } from './CableWarnings.tsx';
import { withNamed } from './withNamed.ts';

/** Cables of a kit: which core goes to which lead, and what they go through before they are soldered. */
export function Cables({ board }: { readonly board: Board }) {
  const { t } = useTranslation();
  const changeKit = useChangeKit();
  const [open, setOpen] = useState<Cable | 'new'>();
  const cables = board.cables ?? [];
  const save = async (edit: (now: readonly Cable[]) => readonly Cable[], said: string) => {
    const refusal = await changeKit(({ board: now }) => {
      const { cables: before = [], ...rest } = now ?? board;
      const next = edit(before);
      return { board: next.length > 0 ? { ...rest, cables: next } : rest };
    }, said);
    return refusal?.message;
  };
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
                  onClick={() =>
                    void save(
                      (now) => now.filter(({ name }) => name !== cable.name),
                      t('kits.panels.deleted', { name: cable.name }),
                    )
                  }
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
          save={(cable) =>
            save(
              (now) => withNamed(now, open === 'new' ? undefined : open.name, cable),
              t('kits.panels.saved', { name: cable.name }),
            )
          }
          close={() => setOpen(undefined)}
        />
      )}
    </Box>
  );
}
