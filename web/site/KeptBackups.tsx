import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { type Backups, keptBackup } from '#contract/backup';
import { addressOf } from '#contract/endpoint';
import { dateAndTime } from '../ui/clock.ts';
import '../ui/plainTable.css';

/** Those that the program made by itself. */
export function KeptBackups({ kept }: { readonly kept: Backups['kept'] }) {
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

const sizeWords = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
