import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useLoaderData, useRevalidator } from 'react-router';
import { endSession, idleHours, type OpenSession } from '#contract/session';
import { call } from '../app/call.ts';
import { useIsInstructor } from '../app/staff.ts';
import { dateAndTime } from '../ui/clock.ts';
import { DataTable } from '../ui/DataTable.tsx';

/** Where one is signed in, or everybody for an instructor; a device that is lost is signed out from here. */
export function Devices() {
  const { t } = useTranslation();
  const sessions = useLoaderData<readonly OpenSession[]>();
  const isInstructor = useIsInstructor();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const nameOf = ({ device }: Pick<OpenSession, 'device'>) =>
    device || t('site.devices.anotherProgram');
  const end = async ({ id, device }: OpenSession) => {
    await call(endSession, { params: { sessionId: id } });
    await revalidate();
    enqueueSnackbar(t('site.devices.signedOut', { device: nameOf({ device }) }));
  };
  return (
    <section aria-labelledby="devices">
      <Typography variant="h2" id="devices" sx={{ mb: 1 }}>
        {t('site.devices.signedInNow')}
      </Typography>
      <DataTable
        name={t('site.devices.signedInNow')}
        columns={[
          ...(isInstructor
            ? [
                {
                  id: 'who',
                  head: t('site.devices.who'),
                  by: ({ name }: OpenSession) => name,
                  cell: ({ name }: OpenSession) => name,
                },
              ]
            : []),
          {
            id: 'device',
            head: t('site.devices.device'),
            by: nameOf,
            cell: (session: OpenSession) => (
              <>
                {nameOf(session)}
                {session.isThis && t('site.devices.thisOne')}
              </>
            ),
          },
          {
            id: 'used',
            head: t('site.devices.lastUsed'),
            by: ({ seenAt }: OpenSession) => seenAt,
            cell: ({ seenAt }: OpenSession) => dateAndTime(seenAt),
          },
          {
            id: 'end',
            head: t('site.devices.end'),
            headIsHidden: true,
            cell: (session: OpenSession) =>
              !session.isThis && (
                <Button
                  color="inherit"
                  aria-label={t('site.devices.signOut', {
                    name: session.name,
                    device: nameOf(session),
                  })}
                  onClick={() => void end(session)}
                >
                  {t('site.devices.signOut2')}
                </Button>
              ),
          },
        ]}
        rows={sessions}
        keyOf={({ id }) => id}
      />
      <Typography sx={{ mt: 1 }}>
        {t('site.devices.aDeviceThatNobodyUsesFor', { idleHours })}
      </Typography>
    </section>
  );
}
