import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { t } from 'i18next';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { v7 as newMoveId } from 'uuid';
import { bookMove } from '#contract/stores';
import { type MoveKind, moveKinds } from '#core/stores/ledger';
import { call } from '../app/call.ts';
import { unlessChanged, useSave } from '../app/useSave.ts';
import '../ui/form.css';

const names: Readonly<Record<MoveKind, string>> = {
  get in() {
    return t('stores.moveForm.in');
  },
  get out() {
    return t('stores.moveForm.out');
  },
  get count() {
    return t('stores.moveForm.count');
  },
  get spoiled() {
    return t('stores.moveForm.spoiled');
  },
};

/** Books what came, went, was spoiled, or was counted. */
export function MoveForm({ itemId }: { readonly itemId: string }) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const [kind, setKind] = useState<MoveKind>('in');
  const [pieces, setPieces] = useState('');
  const [note, setNote] = useState('');
  const { run } = useSave();
  const [problem, setProblem] = useState<string>();
  const [id, setId] = useState(() => newMoveId());

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (pieces.trim() === '') return setProblem(t('stores.moveForm.writeHowManyPieces'));
    const refused = await run(() =>
      call(bookMove, {
        params: { itemId },
        body: { id, kind, pieces: Number(pieces), note: note.trim() },
      }),
    );
    if (refused) return setProblem(refused.about('pieces') ?? refused.message);
    setPieces(unlessChanged(pieces));
    setNote(unlessChanged(note));
    setProblem(undefined);
    setId(newMoveId());
    return revalidate();
  };

  return (
    <Box component="form" noValidate onSubmit={(event) => void submit(event)} className="form-row">
      <ToggleButtonGroup
        exclusive
        value={kind}
        onChange={(_, chosen: MoveKind | null) => chosen && setKind(chosen)}
        aria-label={t('stores.moveForm.whatHappened')}
      >
        {moveKinds.map((one) => (
          <ToggleButton key={one} value={one} sx={{ px: 2, py: 0.9 }}>
            {names[one]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <TextField
        label={
          kind === 'count' ? t('stores.moveForm.piecesThatAreThere') : t('stores.moveForm.pieces')
        }
        size="small"
        type="number"
        value={pieces}
        onChange={({ target }) => setPieces(target.value)}
        error={problem !== undefined}
        helperText={problem}
        sx={{ width: 190 }}
      />
      <TextField
        label={t('stores.moveForm.note')}
        size="small"
        value={note}
        onChange={({ target }) => setNote(target.value)}
        sx={{ flex: 1, minWidth: 160 }}
      />
      <Button type="submit" variant="contained">
        {t('stores.moveForm.bookIt')}
      </Button>
    </Box>
  );
}
