import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useLoaderData } from 'react-router';
import { getRecord, type RecordPage as Page, type RecordEntry } from '#contract/record';
import { recordedDeeds } from '#contract/recordedDeeds';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';

export const loadRecord = () => call(getRecord, { params: { before: 'latest' } });

/** Who did what on this site, the latest first. */
export function RecordPage() {
  const first = useLoaderData<Page>();
  const [older, setOlder] = useState<readonly Page[]>([]);
  const { run, saving, refusal } = useSave();
  const pages = [first, ...older];
  const before = pages.at(-1)?.before ?? null;
  const more = () =>
    run(async () => {
      const page = await call(getRecord, { params: { before: String(before) } });
      setOlder([...older, page]);
    });
  return (
    <Box sx={{ maxWidth: 960 }}>
      <PageHead
        title="Who did what"
        facts="Who signed in, changed, printed, exported or erased something. Nobody can change what is written here."
      />
      <div className="table-scroll">
        <table className="plain" aria-label="Who did what">
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">Who and what</th>
              <th scope="col">From</th>
            </tr>
          </thead>
          <tbody>
            {pages
              .flatMap(({ entries }) => entries)
              .map((entry) => (
                <tr key={entry.seq}>
                  <td style={{ whiteSpace: 'nowrap' }}>{dateAndTime(entry.at)}</td>
                  <td>{sentenceOf(entry)}</td>
                  <td>{entry.cameFrom}</td>
                </tr>
              ))}
          </tbody>
        </table>
      </div>
      {before !== null && (
        <Button sx={{ mt: 1.5 }} variant="outlined" loading={saving} onClick={() => void more()}>
          Show older entries
        </Button>
      )}
      {refusal && <p role="alert">{refusal.message}</p>}
    </Box>
  );
}

function sentenceOf({ by, what, about }: RecordEntry) {
  return (
    <>
      <strong>{by ?? 'Somebody who was not signed in'}</strong> {recordedDeeds[what]}
      {about !== null && ` ${about}`}
    </>
  );
}
