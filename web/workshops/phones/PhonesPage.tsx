import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Typography from '@mui/material/Typography';
import dayjs from 'dayjs';
import { useEffect, useState } from 'react';
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
import { timeOfDay } from '../../ui/clock.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { QrCode } from '../../ui/QrCode.tsx';

export const loadRoom = () => call(getRoom, {});

/** Whether a device has come is asked again this often while the door is open and none has. */
const askAgainMs = 2000;

/** The door of the room: one switch, and the proof that a phone gets in. */
export function PhonesPage() {
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
        title="Phones"
        facts="Learners open their seats with phones in the same Wi-Fi as this computer."
      />
      <Outdated room={room} />
      {room.isGiven ? <Given room={room} /> : <Switch room={room} />}
      {!room.isGiven && <Tablets room={room} />}
    </>
  );
}

function Switch({ room }: { readonly room: Room }) {
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
          Phones are not let in
        </Typography>
        <Typography sx={{ mb: 1.5 }}>Nothing but this computer can open a seat now.</Typography>
        <Choices room={room} />
      </Box>
    );
  }
  return (
    <Box component="section" aria-labelledby="door" sx={{ maxWidth: 900, mb: 3 }}>
      <Typography variant="h2" id="door" sx={{ mb: 1 }}>
        Phones are let in
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        At <span className="mono">{room.seatAddress}</span>
        {room.openUntil && `, until ${untilWords(room.openUntil)}; then the door closes by itself`}.
      </Typography>
      {mayOpen && (
        <Button variant="outlined" color="inherit" loading={saving} onClick={() => void close()}>
          Let no phones in any more
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
          <summary>Another network, or another way</summary>
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
  if (!mayOpen) return <Typography>The instructor opens and closes the door.</Typography>;
  if (found.length === 0) {
    return (
      <Alert severity="warning">
        This computer is in no network. Join the Wi-Fi of the room, or let this computer or a phone
        make one, then open this page again.
      </Alert>
    );
  }
  return (
    <>
      {!room.isHere && room.address !== null && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          The address that was used last, {room.address}, is not there any more. Labels printed with
          it lead nowhere.
        </Alert>
      )}
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 1.5 }}>
        <Typography component="legend" sx={{ fontWeight: 650 }}>
          {found.length > 1 ? 'Which network are the phones in?' : 'The network of this computer'}
        </Typography>
        <RadioGroup
          aria-label="Network"
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
          How do seats open?
        </Typography>
        <RadioGroup
          aria-label="How seats open"
          value={seatsBy}
          onChange={(_, chosen) => setSeatsBy(chosen as Room['seatsBy'])}
        >
          <FormControlLabel
            value="http"
            control={<Radio />}
            disabled={!mayOpen}
            label="Without a warning (http). A first name and steps travel, readable for whoever listens in the Wi-Fi. A phone that loses the network must not reload its page."
          />
          <FormControlLabel
            value="https"
            control={<Radio />}
            disabled={!mayOpen}
            label="Encrypted (https). For tablets that trust this site; a phone that does not shows a warning first."
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
        {room.isOpen ? 'Change the door to this' : 'Let phones in this room in'}
      </Button>
    </>
  );
}

function TestCode({ room: { helloAddress, reachedAt } }: { readonly room: Room }) {
  if (helloAddress === null) return null;
  return (
    <Box
      component="section"
      aria-labelledby="test"
      sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'center', my: 2 }}
    >
      <QrCode text={helloAddress} name="Test code for one phone" sizePx={260} />
      <Box sx={{ maxWidth: 480 }}>
        <Typography variant="h2" id="test">
          Try it with one phone
        </Typography>
        <p>
          Scan this code with a phone that is in the Wi-Fi of the room, or type{' '}
          <span className="mono">{helloAddress}</span>
        </p>
        <Box role="status">
          {reachedAt === null ? (
            <Alert severity="info">No device has come in yet.</Alert>
          ) : (
            <Alert severity="success">
              The first device came in at {timeOfDay(reachedAt)}. Phones get in.
            </Alert>
          )}
        </Box>
        {reachedAt === null && (
          <p>
            Nothing happens on the phone? It may be in another network or use mobile data; guest
            Wi-Fi often keeps devices apart; a firewall on this computer may ask once whether to let
            Ozzet through.
          </p>
        )}
      </Box>
    </Box>
  );
}

function Outdated({ room: { outdated, seatAddress } }: { readonly room: Room }) {
  if (outdated.length === 0) return null;
  return (
    <Alert severity="warning" sx={{ mb: 2, maxWidth: 900 }}>
      Labels were printed with another address than {seatAddress}. Print them again, or bring this
      computer back to its old address:
      <ul>
        {outdated.map(({ workshopId, title, printed }) => (
          <li key={workshopId}>
            <Link to={`/workshops/${workshopId}/pack`}>{title}</Link>, printed with{' '}
            <span className="mono">{printed}</span>
          </li>
        ))}
      </ul>
    </Alert>
  );
}

function Given({ room: { seatAddress } }: { readonly room: Room }) {
  return (
    <Typography sx={{ maxWidth: 760, mb: 3 }}>
      This site was started with the address <span className="mono">{seatAddress}</span>. Whoever
      set it up there lets phones in; labels and codes carry it.
    </Typography>
  );
}

/** For devices that belong to the room: one authority to trust, once. */
function Tablets({ room: { fingerprint, staffAddress, helloAddress } }: { readonly room: Room }) {
  const digits = fingerprint.split(' ');
  const trustAddress = helloAddress?.replace(helloPath, trustPath);
  return (
    <Box component="section" aria-labelledby="tablets" sx={{ maxWidth: 900 }}>
      <Typography variant="h2" id="tablets">
        Tablets of the room
      </Typography>
      <p>
        Helpers sign in by https only
        {staffAddress !== null && (
          <>
            , at <span className="mono">{staffAddress}</span>
          </>
        )}
        . A tablet shows a warning until it trusts this site. Open{' '}
        <a href={trustPath}>the page for tablets</a> on it once
        {trustAddress && (
          <>
            {' '}
            (<span className="mono">{trustAddress}</span>)
          </>
        )}
        , load <a href={authorityFile.path}>the authority</a>, and compare its fingerprint:
      </p>
      <Box className="mono" sx={{ background: ink('sheet'), p: 1.5, overflowWrap: 'anywhere' }}>
        {[0, 8, 16, 24].map((at) => (
          <div key={at}>{digits.slice(at, at + 8).join(' ')}</div>
        ))}
      </Box>
    </Box>
  );
}

const untilWords = (iso: string) =>
  dayjs(iso).isSame(dayjs(), 'day')
    ? timeOfDay(iso)
    : `${dayjs(iso).format('D MMMM')}, ${timeOfDay(iso)}`;
