import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { shoppingListPath } from '#contract/papers';
import { computeNeeds, type NeedsReply, needsFilePath, usualRunOut } from '#contract/stores';
import { listWorkshops, type WorkshopSummary } from '#contract/workshops';
import { phaseOf } from '#core/pace/phase';
import { call } from '../app/call.ts';
import { useChoices } from '../app/useChoices.ts';
import { dateAndTime } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { TableFiles } from '../ui/TableFiles.tsx';
import { Buying } from './Buying.tsx';
import { NeedsTable } from './NeedsTable.tsx';

const MakeDrawers = lazy(async () => ({
  default: (await import('./MakeDrawers.tsx')).MakeDrawers,
}));

interface NeedsData {
  readonly workshops: readonly WorkshopSummary[];
  readonly chosen: readonly string[];
  readonly runOut: number;
  readonly needs: NeedsReply | undefined;
}

const runOuts = [0.01, 0.02, 0.05, 0.1, 0.2] as const;

/** Needs of the workshops in the address; of the next one where none is named. */
export async function loadNeeds({ request }: LoaderFunctionArgs): Promise<NeedsData> {
  const { searchParams } = new URL(request.url);
  const now = new Date();
  const ahead = (await call(listWorkshops, {}))
    .filter((workshop) => phaseOf(workshop, now) === 'ahead')
    .reverse();
  const asked = searchParams.get('for')?.split(',') ?? ahead.slice(0, 1).map(({ id }) => id);
  const chosen = ahead.filter(({ id }) => asked.includes(id)).map(({ id }) => id);
  const runOut = runOuts.find((level) => level === Number(searchParams.get('risk'))) ?? usualRunOut;
  const needs =
    chosen.length === 0
      ? undefined
      : await call(computeNeeds, { body: { workshopIds: chosen, runOut } });
  return { workshops: ahead, chosen, runOut, needs };
}

export function NeedsPage() {
  const { t, i18n } = useTranslation();
  const { workshops, chosen, runOut, needs } = useLoaderData<NeedsData>();
  const [, choose] = useChoices();
  const set = (name: string, value: string) => choose({ [name]: value });
  const [making, setMaking] = useState(false);
  // What the learners bring needs no drawer.
  const homeless = (needs?.lines ?? [])
    .filter(({ brought, itemIds }) => !brought && itemIds.length === 0)
    .map(({ part }) => part);
  if (workshops.length === 0) {
    return (
      <EmptyState
        title={t('stores.needsPage.noWorkshopToCome')}
        text={t('stores.needsPage.planAWorkshopFirstWhatIts')}
      />
    );
  }
  const toggle = (id: string, on: boolean) =>
    set('for', (on ? [...chosen, id] : chosen.filter((other) => other !== id)).join());
  const first = workshops.find(({ id }) => chosen.includes(id));
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Box sx={{ display: 'flex', gap: 4, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Box
          component="fieldset"
          sx={{ border: 0, m: 0, p: 0, minWidth: 0, overflowWrap: 'anywhere' }}
        >
          <Typography component="legend" variant="h2">
            {t('stores.needsPage.packFor')}
          </Typography>
          {workshops.map(({ id, title, startsAt, seats, kitName }) => (
            <Box key={id}>
              <FormControlLabel
                control={
                  <Checkbox checked={chosen.includes(id)} onChange={(_, on) => toggle(id, on)} />
                }
                label={t('stores.needsPage.bags', {
                  title,
                  kitName,
                  seats,
                  dateAndTime: dateAndTime(startsAt),
                })}
              />
            </Box>
          ))}
        </Box>
        <TextField
          select
          label={t('stores.needsPage.chanceToRunOutOfSomething')}
          value={String(runOut)}
          onChange={({ target }) => set('risk', target.value)}
          sx={{ minWidth: 260 }}
          helperText={t('stores.needsPage.theSparesAreTheFewestThat')}
        >
          {runOuts.map((level) => (
            <MenuItem key={level} value={String(level)}>
              {t('stores.needsPage.atMost', { level: level * 100 })}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      {needs === undefined ? (
        <EmptyState
          title={t('stores.needsPage.nothingChosen')}
          text={t('stores.needsPage.chooseAtLeastOneWorkshopIts')}
        />
      ) : (
        <>
          <NeedsTable needs={needs} />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {homeless.length > 0 && (
              <Button variant="contained" onClick={() => setMaking(true)}>
                {t('stores.makeDrawers.makeDrawersFor', { count: homeless.length })}
              </Button>
            )}
            {needs.lines.some(({ short }) => short > 0) && (
              <>
                <Button
                  variant="outlined"
                  color="inherit"
                  target="_blank"
                  href={shoppingListPath(chosen, runOut, 'pdf', { lang: i18n.language })}
                >
                  {t('stores.needsPage.shoppingListA4')}
                </Button>
                <TableFiles
                  pathOf={(format) =>
                    shoppingListPath(chosen, runOut, format, { lang: i18n.language })
                  }
                  label={(format) => t('stores.needsPage.shoppingListAs', { format })}
                />
              </>
            )}
            <TableFiles
              pathOf={(format) => needsFilePath(chosen, runOut, format, i18n.language)}
              label={(format) => t('stores.needsPage.exportTheNeedsAs', { format })}
            />
          </Box>
          {making && (
            <Suspense>
              <MakeDrawers parts={homeless} close={() => setMaking(false)} />
            </Suspense>
          )}
          <Buying needs={needs} neededAt={first?.startsAt ?? new Date().toISOString()} />
        </>
      )}
    </Box>
  );
}
