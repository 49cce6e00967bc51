import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getRevision, type Revision } from '#contract/kits';
import { type WorkshopPaper, workshopPaperPath } from '#contract/papers';
import { getWorkshop } from '#contract/workshops';
import { shortDesignators } from '#core/parts/label';
import { bagList, type PackingOrder, packingOrders, piecesForBags } from '#core/stores/packing';
import { stockPartOf } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { useChoices } from '../app/useChoices.ts';
import { CountByWeight } from '../stores/scale/CountByWeight.tsx';
import { PictureCell } from '../ui/PictureCell.tsx';
import { useWorkshop } from './WorkshopFrame.tsx';
import '../ui/plainTable.css';

/** The revision that the workshop was planned on. */
export async function loadPack({ params }: LoaderFunctionArgs): Promise<Revision> {
  const workshopId = String(params.workshopId);
  const { kitId, revision } = await call(getWorkshop, { params: { workshopId } });
  return call(getRevision, { params: { kitId, number: String(revision) } });
}

const orderNames: Readonly<Record<PackingOrder, string>> = {
  kind: 'By kind of part',
  stage: 'By soldering step',
  place: 'By place',
};

const papers: readonly (readonly [WorkshopPaper, string])[] = [
  ['bag-list', 'Bag list'],
  ['count-sheet', 'Count sheet'],
  ['bag-labels', 'Bag labels'],
];

/** What goes into each bag, the papers for it, and counting by weight. */
export function PackPage() {
  const { t } = useTranslation();
  const workshop = useWorkshop();
  const canPrint = (paper: WorkshopPaper) =>
    paper !== 'bag-labels' || workshop.seatAddress !== null;
  const revision = useLoaderData<Revision>();
  const [search, choose] = useChoices();
  const order = packingOrders.find((one) => one === search.get('by')) ?? 'kind';
  const bags = workshop.seats.length;
  const groups = bagList(
    revision.lines.map(({ part }) => part),
    workshop.steps,
    order,
  );
  const brought = revision.lines.filter(({ part }) => part.supply === 'not-in-kit');
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 4,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 400px' },
        alignItems: 'start',
      }}
    >
      <Box>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
          <Typography variant="h2" sx={{ flex: 1 }}>
            {bags} bags of the {workshop.kitName}
          </Typography>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={order}
            onChange={(_, chosen: PackingOrder | null) => {
              if (chosen) choose({ by: chosen });
            }}
            aria-label="Order of the list"
          >
            {packingOrders.map((one) => (
              <ToggleButton key={one} value={one} sx={{ px: 1.5 }}>
                {orderNames[one]}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
        <div className="table-scroll">
          <table className="plain" aria-label="What goes into each bag">
            <thead>
              <tr>
                <th scope="col">Looks like</th>
                <th scope="col">What it is</th>
                <th scope="col">Place</th>
                <th scope="col" className="number">
                  A bag
                </th>
                <th scope="col" className="number">
                  All bags
                </th>
              </tr>
            </thead>
            {groups.map(({ id, title, lines }) => (
              <tbody key={id}>
                <tr>
                  <th scope="rowgroup" colSpan={5} style={{ paddingTop: 14 }}>
                    {title}
                  </th>
                </tr>
                {lines.map((line) => (
                  <tr key={line.part.designators.join() || line.part.description}>
                    <PictureCell part={line.part} />
                    <td>
                      {stockName(t, stockPartOf(line.part))}
                      {line.part.supply === 'spare' && <div className="note">spare</div>}
                    </td>
                    <td className="mono">{shortDesignators(line.part.designators) || '–'}</td>
                    <td className="mono number">{line.pieces}</td>
                    <td className="mono number">{piecesForBags(line, bags)}</td>
                  </tr>
                ))}
              </tbody>
            ))}
          </table>
        </div>
        {brought.length > 0 && (
          <Typography sx={{ mt: 1.5 }}>
            <strong>Not in the bag:</strong>{' '}
            {brought
              .map(({ part }) => `${part.quantity} × ${stockName(t, stockPartOf(part))}`)
              .join(', ')}
            . Somebody must bring it.
          </Typography>
        )}
      </Box>
      <Box sx={{ display: 'grid', gap: 3 }}>
        <section aria-labelledby="papers">
          <Typography variant="h2" id="papers" sx={{ mb: 1 }}>
            To print
          </Typography>
          <table className="plain plain-fields" aria-label="Papers">
            <tbody>
              {papers.map(([paper, name]) => (
                <tr key={paper}>
                  <th scope="row">{name}</th>
                  <td className="number">
                    {(['a4', 'letter'] as const).map((size) => (
                      <Button
                        key={size}
                        size="small"
                        disabled={!canPrint(paper)}
                        href={workshopPaperPath(workshop.id, paper, 'pdf', { size, order })}
                        target="_blank"
                        aria-label={`${name}, ${size === 'a4' ? 'A4' : 'Letter'}`}
                      >
                        {size === 'a4' ? 'A4' : 'Letter'}
                      </Button>
                    ))}
                    <Button
                      size="small"
                      disabled={!canPrint(paper)}
                      href={workshopPaperPath(workshop.id, paper, 'csv', { order })}
                      aria-label={`${name} as CSV`}
                    >
                      CSV
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {!canPrint('bag-labels') && (
            <Typography sx={{ mt: 1 }}>
              Labels need an address that phones can open.{' '}
              <Link to="/workshops/phones">Choose the network of the room</Link> first.
            </Typography>
          )}
          <Typography sx={{ mt: 1 }}>
            <Link to={`/kits/${workshop.kitId}/papers`}>Papers of the kit</Link>
            <InstructorOnly>
              {' · '}
              <Link to={`/stores/needs?for=${workshop.id}`}>What is short, and what to buy</Link>
            </InstructorOnly>
          </Typography>
        </section>
        <CountByWeight />
      </Box>
    </Box>
  );
}
