import Button from '@mui/material/Button';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import './packing.css';

interface UnopenedProps {
  readonly most: number;
  readonly giveBack: (unopened: number) => void;
}

/** After the evening: what was packed for those who did not come goes back. */
export function Unopened({ most, giveBack }: UnopenedProps) {
  const { t } = useTranslation();
  const [count, setCount] = useState('1');
  return (
    <form
      className="unopened"
      onSubmit={(event) => {
        event.preventDefault();
        giveBack(Number(count));
      }}
    >
      <label>
        {t('workshops.packing.unopened')}{' '}
        <input
          type="number"
          min={1}
          max={most}
          value={count}
          onChange={({ target }) => setCount(target.value)}
        />
      </label>
      <Button type="submit" variant="outlined" disabled={!(Number(count) >= 1)}>
        {t('workshops.packing.putBagsBack')}
      </Button>
    </form>
  );
}
