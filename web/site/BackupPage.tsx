import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useLoaderData } from 'react-router';
import {
  type BackupContents,
  type Backups,
  keptBackup,
  listBackups,
  lookAtBackup,
  makeBackup,
  restoreBackup,
} from '#contract/backup';
import { addressOf } from '#contract/endpoint';
import { getSession } from '#contract/session';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';
import { base64Of, saveAs } from './files.ts';

export const loadBackups = () => call(listBackups, {});

/** Everything of the site as one file, out and in. */
export function BackupPage() {
  const { kept, contents } = useLoaderData<Backups>();
  return (
    <Box sx={{ maxWidth: 760, display: 'grid', gap: 3 }}>
      <PageHead
        title="Backup"
        facts={`One file holds everything: ${contentWords(contents)}, pictures and settings.`}
      />
      <Make />
      <Kept kept={kept} />
      <Restore />
    </Box>
  );
}

function Make() {
  const { run, refusal, saving } = useSave();
  const [passphrase, setPassphrase] = useState('');
  const make = () =>
    run(async () => {
      const { name, file } = await call(makeBackup, {
        body: passphrase === '' ? {} : { passphrase },
      });
      saveAs(name, file);
    });
  return (
    <section aria-labelledby="make">
      <Typography variant="h2" id="make" sx={{ mb: 1 }}>
        Take one along
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        Keep it on a stick or in another place: what is on this computer goes with this computer. It
        has people’s names in it. With a passphrase nobody can read it without, you included.
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <TextField
          label="Passphrase of the file"
          autoComplete="off"
          value={passphrase}
          onChange={({ target }) => setPassphrase(target.value)}
          helperText="Leave it empty for a file that anybody can read."
          sx={{ minWidth: 320 }}
        />
        <Button
          variant="contained"
          loading={saving}
          onClick={() => void make()}
          sx={{ minHeight: 54 }}
        >
          Save a backup
        </Button>
      </Box>
      {refusal && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {refusal.message}
        </Alert>
      )}
    </section>
  );
}

function Kept({ kept }: { readonly kept: Backups['kept'] }) {
  return (
    <section aria-labelledby="kept">
      <Typography variant="h2" id="kept" sx={{ mb: 1 }}>
        Made every day
      </Typography>
      {kept.length === 0 ? (
        <Typography>None yet.</Typography>
      ) : (
        <table className="plain plain-fields" aria-label="Backups of every day">
          <tbody>
            {kept.map(({ name, madeAt, bytes }) => (
              <tr key={name}>
                <th scope="row">{dateAndTime(madeAt)}</th>
                <td className="number">{sizeWords(bytes)}</td>
                <td className="number">
                  <Button size="small" href={addressOf(keptBackup, { name })}>
                    Save it
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Typography sx={{ mt: 1 }}>
        The newest seven lie beside the data, on the same disk. Whoever was erased since is still in
        the older ones until they are gone.
      </Typography>
    </section>
  );
}

interface Chosen {
  readonly name: string;
  readonly file: string;
}

function Restore() {
  const input = useRef<HTMLInputElement>(null);
  const { run, refusal, saving } = useSave();
  const [chosen, setChosen] = useState<Chosen>();
  const [passphrase, setPassphrase] = useState('');
  const [found, setFound] = useState<BackupContents>();
  const [done, setDone] = useState(false);
  const asked = ({ file }: Chosen) => ({
    body: passphrase === '' ? { file } : { file, passphrase },
  });
  const look = (one: Chosen) =>
    run(async () => {
      setFound(undefined);
      setFound(await call(lookAtBackup, asked(one)));
    });
  const choose = async (file: File | undefined) => {
    if (!file) return;
    const one = { name: file.name, file: base64Of(new Uint8Array(await file.arrayBuffer())) };
    setChosen(one);
    await look(one);
  };
  const restore = (one: Chosen) =>
    run(async () => {
      await call(restoreBackup, asked(one));
      setDone(true);
      await untilBack();
      window.location.assign('/workshops');
    });
  const needsPassphrase = refusal?.about('passphrase') !== undefined || passphrase !== '';
  return (
    <section aria-labelledby="restore">
      <Typography variant="h2" id="restore" sx={{ mb: 1 }}>
        Put one back
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        You see what a file holds before anything is changed. Restored, it takes the place of
        everything that is here, passphrases of staff included.
      </Typography>
      <Button variant="outlined" color="inherit" onClick={() => input.current?.click()}>
        {chosen ? 'Choose another file' : 'Choose a backup'}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept=".backup"
        aria-label="Backup file"
        onChange={({ target }) => {
          void choose(target.files?.[0]);
          target.value = '';
        }}
      />
      {chosen && <Typography sx={{ mt: 1 }}>{chosen.name}</Typography>}
      {chosen && needsPassphrase && (
        <Box sx={{ display: 'flex', gap: 2, mt: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <TextField
            label="Passphrase of this file"
            autoComplete="off"
            value={passphrase}
            onChange={({ target }) => setPassphrase(target.value)}
            error={refusal?.about('passphrase') !== undefined}
            helperText={refusal?.about('passphrase') ?? ' '}
            sx={{ minWidth: 320 }}
          />
          <Button
            variant="outlined"
            loading={saving}
            onClick={() => void look(chosen)}
            sx={{ minHeight: 54 }}
          >
            Look into it
          </Button>
        </Box>
      )}
      {refusal && !refusal.about('passphrase') && (
        <Alert severity="error" sx={{ mt: 1.5 }}>
          {refusal.message}
        </Alert>
      )}
      {found && chosen && (
        <Alert severity="warning" sx={{ mt: 1.5 }}>
          It holds {contentWords(found)}
          {found.latestEntryAt && `; the last entry is of ${dateAndTime(found.latestEntryAt)}`}.
          What is here now will be gone: save a backup of it first.
          <Box sx={{ mt: 1.5 }}>
            <Button
              color="inherit"
              variant="outlined"
              loading={saving}
              onClick={() => void restore(chosen)}
            >
              Put it in place of everything
            </Button>
          </Box>
        </Alert>
      )}
      {done && (
        <Alert severity="info" sx={{ mt: 1.5 }}>
          It is in place. Ozzet is starting anew …
        </Alert>
      )}
    </section>
  );
}

/** Resolves when the program answers again. */
async function untilBack(): Promise<void> {
  for (;;) {
    await new Promise((resolve) => setTimeout(resolve, 1000));
    try {
      await call(getSession, {});
      return;
    } catch {
      // Not yet.
    }
  }
}

const counted = (count: number, one: string, more: string) =>
  `${count} ${count === 1 ? one : more}`;

const contentWords = ({ kits, workshops, people, drawers, entries }: BackupContents) =>
  [
    counted(kits, 'kit', 'kits'),
    counted(workshops, 'workshop', 'workshops'),
    counted(people, 'person', 'people'),
    counted(drawers, 'drawer', 'drawers'),
    counted(entries, 'entry', 'entries'),
  ].join(', ');

const sizeWords = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
