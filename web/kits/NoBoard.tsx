import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { EmptyState } from '../ui/EmptyState.tsx';

/** What a page says that needs to know which pins are joined, where the kit has no board. */
export function NoBoard() {
  const { t } = useTranslation();
  return (
    <EmptyState title={t('kits.circuit.noBoard')} text={t('kits.circuit.noBoardText')}>
      <InstructorOnly>
        <Button variant="contained" component={Link} to="../board">
          {t('kits.circuit.toBoard')}
        </Button>
      </InstructorOnly>
    </EmptyState>
  );
}
