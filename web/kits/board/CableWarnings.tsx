import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import { partsByPlace } from '#core/board/pads';
import type { Cable } from '#core/wiring/cable';
import { cableProblems } from '#core/wiring/cableEnds';
import { useKit } from '../KitFrame.tsx';

/** Ends that the parts list does not know. */
export function CableWarnings({ cable }: { readonly cable: Pick<Cable, 'cores'> }) {
  const { t } = useTranslation();
  const { lines } = useKit();
  const parts = useMemo(() => partsByPlace(lines.map(({ part }) => part)), [lines]);
  return cableProblems(cable, parts).map(({ kind, end, place }) => (
    <Typography key={`${kind} ${end}`} color="error">
      {t(`kits.cables.problem.${kind}`, { end, place })}
    </Typography>
  ));
}
