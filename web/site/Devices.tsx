import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useLoaderData, useRevalidator } from 'react-router';
import { endSession, idleHours, type OpenSession } from '#contract/session';
import { call } from '../app/call.ts';
import { useIsInstructor } from '../app/staff.ts';
import { dateAndTime } from '../ui/clock.ts';
import '../ui/plainTable.css';

/** Where one is signed in, or everybody for an instructor; a device that is lost is signed out from here. */
export function Devices() {
  const sessions = useLoaderData<readonly OpenSession[]>();
  const isInstructor = useIsInstructor();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const end = async ({ id, device }: OpenSession) => {
    await call(endSession, { params: { sessionId: id } });
    await revalidate();
    enqueueSnackbar(`Signed out: ${device}`);
  };
  return (
    <section aria-labelledby="devices">
      <Typography variant="h2" id="devices" sx={{ mb: 1 }}>
        Signed in now
      </Typography>
      <div className="table-scroll">
        <table className="plain plain-fields" aria-label="Signed in now">
          <thead>
            <tr>
              {isInstructor && <th scope="col">Who</th>}
              <th scope="col">Device</th>
              <th scope="col">Last used</th>
              <th scope="col" aria-label="End" />
            </tr>
          </thead>
          <tbody>
            {sessions.map((session) => (
              <tr key={session.id}>
                {isInstructor && <td>{session.name}</td>}
                <td>
                  {session.device}
                  {session.isThis && ', this one'}
                </td>
                <td>{dateAndTime(session.seenAt)}</td>
                <td className="number">
                  {!session.isThis && (
                    <Button
                      color="inherit"
                      aria-label={`Sign out ${session.name}: ${session.device}`}
                      onClick={() => void end(session)}
                    >
                      Sign out
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Typography sx={{ mt: 1 }}>
        A device that nobody uses for {idleHours} hours is signed out by itself.
      </Typography>
    </section>
  );
}
