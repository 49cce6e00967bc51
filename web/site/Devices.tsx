import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useLoaderData, useRevalidator } from 'react-router';
import { endSession, idleHours, type OpenSession } from '#contract/session';
import { call } from '../app/call.ts';
import { useIsInstructor } from '../app/staff.ts';
import { dateAndTime } from '../ui/clock.ts';
import '../ui/plainTable.css';

/** Where one is signed in, or everybody for an instructor; a device that is lost is signed out from here. */
export function Devices() {
  const { t } = useTranslation();
  const sessions = useLoaderData<readonly OpenSession[]>();
  const isInstructor = useIsInstructor();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const end = async ({ id, device }: OpenSession) => {
    await call(endSession, { params: { sessionId: id } });
    await revalidate();
    enqueueSnackbar(
      t('site.devices.signedOut', { device: device || t('site.devices.anotherProgram') }),
    );
  };
  return (
    <section aria-labelledby="devices">
      <Typography variant="h2" id="devices" sx={{ mb: 1 }}>
        {t('site.devices.signedInNow')}
      </Typography>
      <div className="table-scroll">
        <table className="plain plain-fields" aria-label={t('site.devices.signedInNow')}>
          <thead>
            <tr>
              {isInstructor && <th scope="col">{t('site.devices.who')}</th>}
              <th scope="col">{t('site.devices.device')}</th>
              <th scope="col">{t('site.devices.lastUsed')}</th>
              <th scope="col" aria-label={t('site.devices.end')} />
            </tr>
          </thead>
          <tbody>
            {sessions.map((session) => (
              <tr key={session.id}>
                {isInstructor && <td>{session.name}</td>}
                <td>
                  {session.device || t('site.devices.anotherProgram')}
                  {session.isThis && t('site.devices.thisOne')}
                </td>
                <td>{dateAndTime(session.seenAt)}</td>
                <td className="number">
                  {!session.isThis && (
                    <Button
                      color="inherit"
                      aria-label={t('site.devices.signOut', {
                        name: session.name,
                        device: session.device || t('site.devices.anotherProgram'),
                      })}
                      onClick={() => void end(session)}
                    >
                      {t('site.devices.signOut2')}
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Typography sx={{ mt: 1 }}>
        {t('site.devices.aDeviceThatNobodyUsesFor', { idleHours })}
      </Typography>
    </section>
  );
}
