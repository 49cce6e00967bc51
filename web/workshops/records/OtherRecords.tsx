import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { timeOfDay } from '../../ui/clock.ts';
import type { SeatEntry } from '../floor/seatEntries.ts';

interface OtherRecordsProps {
  readonly seat: number;
  readonly entries: readonly SeatEntry[];
  /** Which of them can be put right; the others are deleted and logged anew. */
  readonly isAmendable: (eventId: string) => boolean;
  readonly correct: (eventId: string) => void;
  readonly remove: (eventId: string) => void;
}

/** What was logged at a seat besides steps and mistakes, each to be corrected or deleted. */
export function OtherRecords(props: OtherRecordsProps) {
  const { seat, entries, isAmendable, correct, remove } = props;
  const { t } = useTranslation();
  if (entries.length === 0) return null;
  return (
    <details>
      <summary>{t('workshops.correct.others', { number: entries.length })}</summary>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {entries.map(({ eventId, at, text }) => (
          <li key={eventId}>
            {timeOfDay(at)} {text}{' '}
            {isAmendable(eventId) && (
              <Button
                size="small"
                color="inherit"
                aria-label={t('workshops.correct.correctIt', { what: text, number: seat })}
                onClick={() => correct(eventId)}
              >
                {t('workshops.correct.correct')}
              </Button>
            )}
            <Button
              size="small"
              color="inherit"
              aria-label={t('workshops.correct.deleteIt', { what: text, number: seat })}
              onClick={() => remove(eventId)}
            >
              {t('workshops.correct.delete')}
            </Button>
          </li>
        ))}
      </Box>
    </details>
  );
}
