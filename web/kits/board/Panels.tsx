import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { kitPaperPath } from '#contract/papers';
import type { Board } from '#core/board/board';
import { mostPanels, type Panel } from '#core/housing/panel';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { useKit } from '../KitFrame.tsx';
import { PanelDialog } from './PanelDialog.tsx';
import { PanelPicture, PanelWarnings } from './PanelPicture.tsx';
import { useNamedOnBoard } from './useNamedOnBoard.ts';
import './panels.css';

/** What of the case is drilled: its panels, drawn from outside, with what should be looked at before drilling. */
export function Panels({ board }: { readonly board: Board }) {
  const { t, i18n } = useTranslation();
  const { id } = useKit();
  const { put, remove } = useNamedOnBoard(board, 'panels');
  const [open, setOpen] = useState<Panel | 'new'>();
  const panels = board.panels ?? [];
  return (
    <Box component="section" aria-labelledby="panels-title" sx={{ mt: 3 }}>
      <Typography variant="h2" id="panels-title">
        {t('kits.panels.title')}
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>{t('kits.panels.intro')}</Typography>
      <ul className="panels">
        {panels.map((panel) => (
          <li key={panel.name}>
            <PanelPicture panel={panel} />
            <Box>
              <strong>{panel.name}</strong>
              <Typography>
                {t('kits.panels.size', {
                  width: panel.widthMm,
                  height: panel.heightMm,
                  count: panel.holes.length,
                })}
              </Typography>
              <PanelWarnings panel={panel} />
              <InstructorOnly>
                <Button
                  onClick={() => setOpen(panel)}
                  aria-label={t('kits.panels.editNamed', { name: panel.name })}
                >
                  {t('kits.panels.edit')}
                </Button>
                <Button
                  color="inherit"
                  aria-label={t('kits.panels.deleteNamed', { name: panel.name })}
                  onClick={() => void remove(panel)}
                >
                  {t('kits.panels.delete')}
                </Button>
              </InstructorOnly>
            </Box>
          </li>
        ))}
      </ul>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {panels.length < mostPanels && (
          <InstructorOnly>
            <Button variant="outlined" onClick={() => setOpen('new')}>
              {t('kits.panels.add')}
            </Button>
          </InstructorOnly>
        )}
        {panels.length > 0 && (
          <Button
            href={kitPaperPath(id, 'drill-template', 'pdf', { lang: i18n.language })}
            target="_blank"
          >
            {t('kits.panels.template')}
          </Button>
        )}
      </Box>
      {open !== undefined && (
        <PanelDialog
          panel={open === 'new' ? undefined : open}
          taken={panels.filter((one) => one !== open).map(({ name }) => name)}
          save={(panel) => put(panel, open === 'new' ? undefined : open.name)}
          close={() => setOpen(undefined)}
        />
      )}
    </Box>
  );
}
