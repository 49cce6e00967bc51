import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Board } from '#core/board/board';
import { useChangeKit } from '../useChangeKit.tsx';

/** Which nets are large areas of copper: their joints take more heat, and the seat says so. */
export function PlaneNets({ board }: { readonly board: Board }) {
  const { t } = useTranslation();
  const changeKit = useChangeKit();
  const nets = [...new Set(board.pads.flatMap(({ net }) => (net === null ? [] : [net])))].sort();
  if (nets.length === 0) return null;
  return (
    <Autocomplete
      multiple
      size="small"
      options={nets}
      value={[...board.planes]}
      onChange={(_, planes) =>
        void changeKit(
          ({ board: now }) => ({ board: now && { ...now, planes } }),
          t('kits.planeNets.thePlanesAreNoted'),
        )
      }
      renderInput={(params) => (
        <TextField
          {...params}
          label={t('kits.planeNets.netsThatArePlanes')}
          helperText={t('kits.planeNets.theirJointsTakeMoreHeatThe')}
        />
      )}
    />
  );
}
