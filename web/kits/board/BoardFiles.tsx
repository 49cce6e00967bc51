import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { writePadList } from '#core/board/padlist/writePadList';
import { partsByPlace } from '#core/board/pads';
import { writePlacementList } from '#core/board/placementList';
import { asInFiles } from '#core/board/takeFiles';
import { FileInput } from '../../ui/FileInput.tsx';
import { useKit } from '../KitFrame.tsx';
import { PinOne } from './PinOne.tsx';
import { PlacementColumns } from './PlacementColumns.tsx';
import { useBoardImport } from './useBoardImport.ts';

/** Pad lists and positions, in and out, in open formats. */
export function BoardFiles() {
  const { t } = useTranslation();
  const kit = useKit();
  const { board } = kit;
  const parts = partsByPlace(kit.lines.map(({ part }) => part));
  const padInput = useRef<HTMLInputElement>(null);
  const placeInput = useRef<HTMLInputElement>(null);
  const { importPads, importPlaces, told, forget, columns, pinOne, sayPinOne } = useBoardImport();
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button size="small" onClick={() => padInput.current?.click()}>
          {t('kits.boardFiles.importAPadList')}
        </Button>
        <Button size="small" onClick={() => placeInput.current?.click()}>
          {t('kits.boardFiles.importPositions')}
        </Button>
        {board && (
          <>
            <Button
              size="small"
              onClick={() =>
                download(
                  `${kit.name}.ipc`,
                  writePadList({ ...asInFiles(board, parts), units: 'metric' }),
                )
              }
            >
              {t('kits.boardFiles.exportThePadList')}
            </Button>
            <Button
              size="small"
              onClick={() =>
                download(
                  t('kits.boardFiles.positionsCsv', { name: kit.name }),
                  writePlacementList(asInFiles(board, parts).placements),
                )
              }
            >
              {t('kits.boardFiles.exportPositions')}
            </Button>
          </>
        )}
      </Box>
      <FileInput
        label={t('kits.boardFiles.padListFile')}
        input={padInput}
        accept=".ipc,.356,.net,.txt"
        take={importPads}
      />
      <FileInput
        label={t('kits.boardFiles.positionsFile')}
        input={placeInput}
        accept=".csv,.tsv,.txt,.pos"
        take={importPlaces}
      />
      {columns && <PlacementColumns {...columns} />}
      {pinOne && <PinOne {...pinOne} />}
      {board?.diodePinOne && !pinOne && (
        <Typography variant="body2" sx={{ mt: 1 }}>
          {t(`kits.pinOne.is.${board.diodePinOne}`)}{' '}
          <Button
            size="small"
            color="inherit"
            onClick={() => sayPinOne(board.diodePinOne === 'cathode' ? 'anode' : 'cathode')}
          >
            {t('kits.pinOne.change')}
          </Button>
        </Typography>
      )}
      {told && (
        <Alert severity={told.severity} sx={{ mt: 1 }} onClose={forget}>
          {told.lines.map((line) => (
            <div key={line}>{line}</div>
          ))}
        </Alert>
      )}
    </Box>
  );
}

function download(name: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: 'text/plain' }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
