import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link, useLoaderData, useRevalidator } from 'react-router';
import {
  authorityFile,
  closeRoom,
  getRoom,
  helloPath,
  openRoom,
  type Room,
  trustPath,
} from '#contract/room';
import { call } from '../../app/call.ts';
import { useIsInstructor } from '../../app/staff.ts';
import { ink } from '../../app/tokens.ts';
import { useSave } from '../../app/useSave.ts';
import { dateAndTime, timeOfDay } from '../../ui/clock.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { QrCode } from '../../ui/QrCode.tsx';
import { siteTime } from '../siteTime.ts';

export const loadRoom = () => call(getRoom, {});

/** Whether a device has come is asked again this often while the door is open and none has. */
const askAgainMs = 2000;

/** The door of the room: one switch, and the proof that a phone gets in. */
export function PhonesPage() {
  const { t } = useTranslation();
  const room = useLoaderData<Room>();
  const { revalidate } = useRevalidator();
  const waiting = room.isOpen && room.reachedAt === null;
  useEffect(() => {
    if (!waiting) return;
    const timer = setInterval(() => void revalidate(), askAgainMs);
    return () => clearInterval(timer);
  }, [waiting, revalidate]);
  return (
    <>
      <PageHead
        title={t('workshops.phonesPage.phones')}
        facts={t('workshops.phonesPage.learnersOpenTheirSeatsWithPhones')}
      />
      <Outdated room={room} />
      {room.isGiven ? <Given room={room} /> : <Switch room={room} />}
      {!room.isGiven && <Tablets room={room} />}
    </>
  );
}

function Switch({ room }: { readonly room: Room }) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { run, refusal, saving } = useSave();
  const mayOpen = useIsInstructor();
  const close = () =>
    run(async () => {
      await call(closeRoom, {});
      await revalidate();
    });
  if (!room.isOpen) {
    return (
      <Box component="section" aria-labelledby="door" sx={{ maxWidth: 900, mb: 3 }}>
        <Typography variant="h2" id="door" sx={{ mb: 1 }}>
          {t('workshops.phonesPage.phonesAreNotLetIn')}
        </Typography>
        <Typography sx={{ mb: 1.5 }}>
          {t('workshops.phonesPage.nothingButThisComputerCanOpen')}
        </Typography>
        <Choices room={room} />
      </Box>
    );
  }
  return (
    <Box component="section" aria-labelledby="door" sx={{ maxWidth: 900, mb: 3 }}>
      <Typography variant="h2" id="door" sx={{ mb: 1 }}>
        {t('workshops.phonesPage.phonesAreLetIn')}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        <Trans
          i18nKey={
            room.openUntil ? 'workshops.phonesPage.openAtUntil' : 'workshops.phonesPage.openAt'
          }
          values={{
            seatAddress: room.seatAddress,
            until: room.openUntil ? untilWords(room.openUntil) : '',
          }}
          components={{ span: <span className="mono" /> }}
        />
      </Typography>
      {mayOpen && (
        <Button variant="outlined" color="inherit" loading={saving} onClick={() => void close()}>
          {t('workshops.phonesPage.letNoPhonesInAnyMore')}
        </Button>
      )}
      {refusal && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {refusal.message}
        </Alert>
      )}
      <TestCode room={room} />
      {mayOpen && (
        <details>
          <summary>{t('workshops.phonesPage.anotherNetworkOrAnotherWay')}</summary>
          <Box sx={{ mt: 1.5 }}>
            <Choices room={room} />
          </Box>
        </details>
      )}
    </Box>
  );
}

/** Which network the phones are in, and how they come. */
function Choices({ room }: { readonly room: Room }) {
  const { t } = useTranslation();
  const { found } = room;
  const { revalidate } = useRevalidator();
  const { run, refusal, saving } = useSave();
  const mayOpen = useIsInstructor();
  const [address, setAddress] = useState(
    (room.isHere ? room.address : null) ?? found[0]?.address ?? '',
  );
  const [seatsBy, setSeatsBy] = useState(room.seatsBy);
  const open = () =>
    run(async () => {
      await call(openRoom, { body: { address, seatsBy } });
      await revalidate();
    });
  if (!mayOpen)
    return <Typography>{t('workshops.phonesPage.theInstructorOpensAndClosesThe')}</Typography>;
  if (found.length === 0) {
    return <Alert severity="warning">{t('workshops.phonesPage.thisComputerIsInNoNetwork')}</Alert>;
  }
  return (
    <>
      {!room.isHere && room.address !== null && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {t('workshops.phonesPage.theAddressThatWasUsedLast', { address: room.address })}
        </Alert>
      )}
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 1.5 }}>
        <Typography component="legend" sx={{ fontWeight: 650 }}>
          {found.length > 1
            ? t('workshops.phonesPage.whichNetworkAreThePhonesIn')
            : t('workshops.phonesPage.theNetworkOfThisComputer')}
        </Typography>
        <RadioGroup
          aria-label={t('workshops.phonesPage.network')}
          value={address}
          onChange={(_, chosen) => setAddress(chosen)}
        >
          {found.map((one) => (
            <FormControlLabel
              key={one.address}
              value={one.address}
              control={<Radio />}
              disabled={!mayOpen}
              label={
                <span>
                  <span className="mono">{one.address}</span>
                  {one.network !== 'given' && ` (${one.network})`}
                </span>
              }
            />
          ))}
        </RadioGroup>
      </Box>
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 1.5 }}>
        <Typography component="legend" sx={{ fontWeight: 650 }}>
          {t('workshops.phonesPage.howDoSeatsOpen')}
        </Typography>
        <RadioGroup
          aria-label={t('workshops.phonesPage.howSeatsOpen')}
          value={seatsBy}
          onChange={(_, chosen) => setSeatsBy(chosen as Room['seatsBy'])}
        >
          <FormControlLabel
            value="http"
            control={<Radio />}
            disabled={!mayOpen}
            label={t('workshops.phonesPage.withoutAWarningHttpAFirst')}
          />
          <FormControlLabel
            value="https"
            control={<Radio />}
            disabled={!mayOpen}
            label={t('workshops.phonesPage.encryptedHttpsForTabletsThatTrust')}
          />
        </RadioGroup>
      </Box>
      {refusal && (
        <Alert severity="error" sx={{ mb: 2 }}>
          {refusal.message}
        </Alert>
      )}
      <Button
        variant="contained"
        size="large"
        disabled={address === ''}
        loading={saving}
        onClick={() => void open()}
      >
        {room.isOpen
          ? t('workshops.phonesPage.changeTheDoorToThis')
          : t('workshops.phonesPage.letPhonesInThisRoomIn')}
      </Button>
    </>
  );
}

function TestCode({ room: { helloAddress, reachedAt } }: { readonly room: Room }) {
  const { t } = useTranslation();
  if (helloAddress === null) return null;
  return (
    <Box
      component="section"
      aria-labelledby="test"
      sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'center', my: 2 }}
    >
      <QrCode text={helloAddress} name={t('workshops.phonesPage.testCode')} sizePx={260} />
      <Box sx={{ maxWidth: 480 }}>
        <Typography variant="h2" id="test">
          {t('workshops.phonesPage.tryItWithOnePhone')}
        </Typography>
        <p>
          <Trans
            i18nKey="workshops.phonesPage.scanThisCodeWithAPhone"
            values={{ helloAddress }}
            components={{ span: <span className="mono" /> }}
          />
        </p>
        <Box role="status">
          {reachedAt === null ? (
            <Alert severity="info">{t('workshops.phonesPage.noDeviceHasComeInYet')}</Alert>
          ) : (
            <Alert severity="success">
              {t('workshops.phonesPage.theFirstDeviceCameInAt', {
                timeOfDay: timeOfDay(reachedAt),
              })}
            </Alert>
          )}
        </Box>
        {reachedAt === null && <p>{t('workshops.phonesPage.nothingHappensOnThePhoneIt')}</p>}
      </Box>
    </Box>
  );
}

function Outdated({ room: { outdated, seatAddress } }: { readonly room: Room }) {
  const { t } = useTranslation();
  if (outdated.length === 0) return null;
  return (
    <Alert severity="warning" sx={{ mb: 2, maxWidth: 900 }}>
      {t('workshops.phonesPage.labelsWerePrintedWithAnotherAddress', { seatAddress })}
      <ul>
        {outdated.map(({ workshopId, title, printed }) => (
          <li key={workshopId}>
            <Trans
              i18nKey="workshops.phonesPage.printedWith"
              values={{ title, printed }}
              components={{
                to: <Link to={`/workshops/${workshopId}/pack`} />,
                span: <span className="mono" />,
              }}
            />
          </li>
        ))}
      </ul>
    </Alert>
  );
}

function Given({ room: { seatAddress } }: { readonly room: Room }) {
  return (
    <Typography sx={{ maxWidth: 760, mb: 3 }}>
      <Trans
        i18nKey="workshops.phonesPage.thisSiteWasStartedWithThe"
        values={{ seatAddress }}
        components={{ span: <span className="mono" /> }}
      />
    </Typography>
  );
}

/** For devices that belong to the room: one authority to trust, once. */
function Tablets({ room: { fingerprint, staffAddress, helloAddress } }: { readonly room: Room }) {
  const { t } = useTranslation();
  const digits = fingerprint.split(' ');
  const trustAddress = helloAddress?.replace(helloPath, trustPath);
  return (
    <Box component="section" aria-labelledby="tablets" sx={{ maxWidth: 900 }}>
      <Typography variant="h2" id="tablets">
        {t('workshops.phonesPage.tabletsOfTheRoom')}
      </Typography>
      <p>
        {staffAddress === null ? (
          t('workshops.phonesPage.helpersByHttps')
        ) : (
          <Trans
            i18nKey="workshops.phonesPage.helpersByHttpsAt"
            values={{ staffAddress }}
            components={{ span: <span className="mono" /> }}
          />
        )}
      </p>
      <ol>
        <li>
          <Trans
            i18nKey="workshops.phonesPage.openThePage"
            components={{ to: <Link to={trustPath} reloadDocument /> }}
          />{' '}
          {trustAddress && <span className="mono">{trustAddress}</span>}
        </li>
        <li>
          <Trans
            i18nKey="workshops.phonesPage.loadTheAuthority"
            components={{ to: <Link to={authorityFile.path} reloadDocument /> }}
          />
        </li>
      </ol>
      <p>{t('workshops.phonesPage.compareFingerprint')}</p>
      <Box className="mono" sx={{ background: ink('sheet'), p: 1.5, overflowWrap: 'anywhere' }}>
        {[0, 8, 16, 24].map((at) => (
          <div key={at}>{digits.slice(at, at + 8).join(' ')}</div>
        ))}
      </Box>
    </Box>
  );
}

const untilWords = (iso: string) =>
  siteTime(iso).isSame(siteTime(new Date()), 'day') ? timeOfDay(iso) : dateAndTime(iso);
