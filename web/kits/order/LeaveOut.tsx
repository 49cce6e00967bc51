import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { useKit } from '../KitFrame.tsx';

interface LeaveOutProps {
  /** Of the step, as arrangements call it. */
  readonly name: string;
  readonly leave: (reason: string) => void;
  readonly close: () => void;
}

/** A step is left out for a reason, which stays with it. */
export function LeaveOut({ name, leave, close }: LeaveOutProps) {
  const { t } = useTranslation();
  const typed = useTyped(`leave out ${useKit().id} ${name}`, { reason: '' });
  const { reason } = typed.value;
  return (
    <form
      className="leave-out"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() === '') return;
        typed.saved();
        leave(reason.trim());
      }}
    >
      <FoundAgain typed={typed} />
      <TextField
        size="small"
        autoFocus
        label={t('kits.ownStep.whyLeftOut')}
        value={reason}
        onChange={({ target }) => typed.set({ reason: target.value })}
        slotProps={{ htmlInput: { maxLength: 300 } }}
      />
      <Button type="submit" size="small" variant="outlined" disabled={reason.trim() === ''}>
        {t('kits.ownStep.leaveOut')}
      </Button>
      <Button size="small" color="inherit" onClick={close}>
        {t('kits.ownStep.cancel')}
      </Button>
    </form>
  );
}
