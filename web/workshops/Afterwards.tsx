import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { Seat } from '#contract/workshops';
import { type Face, faces } from '#core/build/event';
import type { SeatState } from '#core/build/foldSeat';

interface AfterwardsProps {
  readonly rows: readonly { readonly seat: Seat; readonly state: SeatState }[];
}

const words: Readonly<Record<Face, string>> = { 1: 'bad', 2: 'fair', 3: 'good' };

/** What people said of the evening, and what staff wrote down: to be read before the next one. */
export function Afterwards({ rows }: AfterwardsProps) {
  const { t } = useTranslation();
  const said = rows.flatMap(({ seat, state }) =>
    state.feedback ? [{ seat, ...state.feedback }] : [],
  );
  const notes = rows.flatMap(({ seat, state }) => state.notes.map((note) => ({ seat, ...note })));
  if (said.length + notes.length === 0) return null;
  const named = ({ number, name }: Seat) => (name === '' ? `${number}` : `${number} ${name}`);
  return (
    <Box component="section" aria-labelledby="afterwards" sx={{ mb: 3, maxWidth: 1100 }}>
      <Typography variant="h2" id="afterwards" sx={{ mb: 0.5 }}>
        {t('workshops.afterwards.title')}
      </Typography>
      {said.length > 0 && (
        <Typography>
          {faces
            .toReversed()
            .map((face) => ({ face, count: said.filter((one) => one.face === face).length }))
            .filter(({ count }) => count > 0)
            .map(({ face, count }) => t(`workshops.afterwards.said.${words[face]}`, { count }))
            .join(' · ')}
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {said
          .filter(({ text }) => text !== '')
          .map(({ eventId, seat, text }) => (
            <li key={eventId}>
              <strong>{named(seat)}</strong>: {text}
            </li>
          ))}
        {notes.map(({ eventId, seat, text, helper }) => (
          <li key={eventId}>
            {t(helper ? 'workshops.afterwards.noteBy' : 'workshops.afterwards.note', {
              seat: named(seat),
              text,
              by: helper,
            })}
          </li>
        ))}
      </Box>
    </Box>
  );
}
