import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { workshopPaperPath } from '#contract/papers';
import {
  changeWorkshopRoom,
  getWorkshopRoom,
  longestThing,
  type WorkshopRoom,
} from '#contract/roomPlan';
import {
  cleared,
  fewestColumns,
  mostColumns,
  moved,
  type RoomPlan,
  withColumns,
  withRow,
  withThing,
} from '#core/pace/seating/roomPlan';
import { call } from '../../app/call.ts';
import { useIsInstructor } from '../../app/staff.ts';
import { useSave } from '../../app/useSave.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { RoomGrid } from './RoomGrid.tsx';
import '../../ui/form.css';

export const loadRoom = (workshopId: string): Promise<WorkshopRoom> =>
  call(getWorkshopRoom, { params: { workshopId } });

interface RoomPartProps {
  /** As it is kept; with other seats it is another room, and this is drawn anew. */
  readonly loaded: WorkshopRoom;
}

/** Where the seats stand in the room, and what everybody shares; printed for the door. */
export function RoomPart({ loaded }: RoomPartProps) {
  const { t, i18n } = useTranslation();
  const { id, seats } = useWorkshop();
  const isInstructor = useIsInstructor();
  const [plan, setPlan] = useState(loaded.plan);
  const [held, setHeld] = useState<number>();
  const [thing, setThing] = useState('');
  const { run, refusal } = useSave();
  // Changes go out one after the other: each is made from the version that the one before has left.
  const sending = useRef<Promise<unknown>>(Promise.resolve());
  const kept = useRef(loaded.version);
  const drawn = useRef(loaded.plan);
  const show = (room: WorkshopRoom) => {
    kept.current = room.version;
    drawn.current = room.plan;
    setPlan(room.plan);
  };
  const send = async (next: RoomPlan) => {
    const version = kept.current;
    // What was drawn after it holds it too; what stood on a refused change went with it.
    if (drawn.current !== next) return;
    const params = { workshopId: id };
    const refused = await run(async () => {
      const answer = await call(changeWorkshopRoom, { params, body: { plan: next, version } });
      kept.current = answer.version;
      // What was drawn meanwhile goes out next.
      if (drawn.current === next) show(answer);
    });
    // Somebody else was first: what they made is shown.
    if (refused) show(await loadRoom(id));
  };
  const change = (next: RoomPlan) => {
    if (next === plan) return;
    drawn.current = next;
    setPlan(next);
    sending.current = sending.current.then(() => send(next));
  };
  const tap = (at: number) => {
    if (held === undefined) {
      if (plan.cells[at]) setHeld(at);
      return;
    }
    if (held !== at) change(moved(plan, held, at));
    setHeld(undefined);
  };
  const heldThing = held === undefined ? null : plan.cells[held];
  return (
    <Box component="section" aria-labelledby="room" sx={{ mb: 4, maxWidth: 900 }}>
      <Typography variant="h2" id="room" sx={{ mb: 0.5 }}>
        {t('workshops.roomPlan.title')}
      </Typography>
      {isInstructor && <p>{t(`workshops.roomPlan.${held === undefined ? 'howTo' : 'whereTo'}`)}</p>}
      <RoomGrid plan={plan} seats={seats} held={held} tap={isInstructor ? tap : undefined} />
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
      {isInstructor && (
        <form
          className="form-row"
          onSubmit={(event) => {
            event.preventDefault();
            if (thing.trim() === '') return;
            change(withThing(plan, thing.trim()));
            setThing('');
          }}
        >
          <TextField
            size="small"
            sx={{ minWidth: 280 }}
            label={t('workshops.roomPlan.shared')}
            placeholder={t('workshops.roomPlan.sharedSuch')}
            value={thing}
            onChange={({ target }) => setThing(target.value)}
            slotProps={{ htmlInput: { maxLength: longestThing } }}
          />
          <Button type="submit" variant="outlined" color="inherit">
            {t('workshops.roomPlan.add')}
          </Button>
          <Button
            variant="outlined"
            color="inherit"
            disabled={heldThing?.kind !== 'thing'}
            onClick={() => {
              if (held !== undefined) change(cleared(plan, held));
              setHeld(undefined);
            }}
          >
            {t('workshops.roomPlan.remove')}
          </Button>
          <Button variant="outlined" color="inherit" onClick={() => change(withRow(plan))}>
            {t('workshops.roomPlan.row')}
          </Button>
          <TextField
            size="small"
            type="number"
            label={t('workshops.roomPlan.columns')}
            value={plan.columns}
            onChange={({ target }) => {
              const columns = Number(target.value);
              if (columns >= fewestColumns && columns <= mostColumns) {
                setHeld(undefined);
                change(withColumns(plan, columns));
              }
            }}
            slotProps={{ htmlInput: { min: fewestColumns, max: mostColumns } }}
            sx={{ width: 130 }}
          />
        </form>
      )}
      <Button
        color="inherit"
        href={workshopPaperPath(id, 'seat-plan', 'pdf', { lang: i18n.language })}
        target="_blank"
        sx={{ mt: 1 }}
      >
        {t('workshops.roomPlan.print')}
      </Button>
    </Box>
  );
}
