import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { Revision } from '#contract/kits';
import type { Packing } from '#contract/packing';
import type { Part } from '#core/parts/part';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { dateAndTime } from '../ui/clock.ts';
import { ChosenBox } from '../ui/TableTools.tsx';
import { Unopened } from './Unopened.tsx';
import { useWorkshop } from './WorkshopFrame.tsx';
import './packing.css';

/** By which a line of the list is ticked: its place in it. */
export const partKey = ({ lines }: Revision, part: Part): string =>
  `part:${lines.findIndex((line) => line.part === part)}`;

interface PackTickProps {
  readonly name: string;
  readonly tickKey: string;
  readonly packing: Packing;
  readonly tick: (key: string, ticked: boolean) => void;
}

export function PackTick({ name, tickKey, packing, tick }: PackTickProps) {
  return (
    <ChosenBox
      name={name}
      isChosen={packing.ticked.includes(tickKey)}
      choose={(on) => tick(tickKey, on)}
    />
  );
}

interface BagsProps {
  readonly packing: Packing;
  readonly tick: (key: string, ticked: boolean) => void;
  readonly book: (booked: boolean) => void;
  readonly giveBack: (unopened: number) => void;
  readonly problem: string | undefined;
}

/** The bags, ticked one by one, and what they take out of the drawers. */
export function Bags({ packing, tick, book, giveBack, problem }: BagsProps) {
  const { t } = useTranslation();
  const { seats } = useWorkshop();
  const keyOf = (seatId: string) => `bag:${seatId}`;
  const closed = seats.filter(({ id }) => packing.ticked.includes(keyOf(id))).length;
  return (
    <section aria-labelledby="bags">
      <Typography variant="h2" id="bags" sx={{ mt: 3 }}>
        {t('workshops.packing.bagsClosed', { closed, count: seats.length })}
      </Typography>
      <ul className="bags" aria-labelledby="bags">
        {seats.map(({ id, number, name }) => (
          <li key={id}>
            <label>
              <input
                type="checkbox"
                checked={packing.ticked.includes(keyOf(id))}
                onChange={({ target }) => tick(keyOf(id), target.checked)}
              />
              {[number, name].filter(Boolean).join(' ')}
            </label>
          </li>
        ))}
      </ul>
      <InstructorOnly>
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mt: 1 }}>
          {packing.bookedAt === null ? (
            <Button variant="outlined" onClick={() => book(true)}>
              {t('workshops.packing.bookOut', { count: seats.length })}
            </Button>
          ) : (
            <>
              <span role="status">
                {t('workshops.packing.bookedAt', { when: dateAndTime(packing.bookedAt) })}
                {packing.missing > 0 &&
                  ` ${t('workshops.packing.notInDrawers', { count: packing.missing })}`}{' '}
                {t('workshops.packing.bagsOut', { count: packing.bagsOut })}
              </span>
              {packing.bagsOut > 0 && (
                <Unopened key={packing.bagsOut} most={packing.bagsOut} giveBack={giveBack} />
              )}
              <Button color="inherit" onClick={() => book(false)}>
                {t('workshops.packing.putBack')}
              </Button>
            </>
          )}
        </Box>
      </InstructorOnly>
      {problem && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {problem}
        </Alert>
      )}
    </section>
  );
}
