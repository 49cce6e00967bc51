import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { lazy, Suspense } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getRevision, type Revision } from '#contract/kits';
import { getPacking, type Packing } from '#contract/packing';
import { type WorkshopPaper, workshopPaperPath } from '#contract/papers';
import { getWorkshop } from '#contract/workshops';
import { shortDesignators } from '#core/parts/label';
import { bagList, type PackingOrder, packingOrders, piecesForBags } from '#core/stores/packing';
import { stockPartOf } from '#core/stores/stockPart';
import { saying } from '#core/words/sayings';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { useChoices } from '../app/useChoices.ts';
import { PaperLanguage, usePaperLanguage } from '../ui/PaperLanguage.tsx';
import { PictureCell } from '../ui/PictureCell.tsx';
import { TableFiles } from '../ui/TableFiles.tsx';
import { Bags, PackTick, partKey } from './Packing.tsx';
import { usePacking } from './usePacking.ts';
import { useWorkshop } from './WorkshopFrame.tsx';
import '../ui/plainTable.css';

// Comes by itself: most bags are counted by hand.
const CountByWeight = lazy(async () => ({
  default: (await import('../stores/scale/CountByWeight.tsx')).CountByWeight,
}));

interface PackData {
  /** That the workshop was planned on. */
  readonly revision: Revision;
  readonly packing: Packing;
}

export async function loadPack({ params }: LoaderFunctionArgs): Promise<PackData> {
  const workshopId = String(params.workshopId);
  const { kitId, revision } = await call(getWorkshop, { params: { workshopId } });
  return {
    revision: await call(getRevision, { params: { kitId, number: String(revision) } }),
    packing: await call(getPacking, { params: { workshopId } }),
  };
}

const orderNames: Readonly<Record<PackingOrder, string>> = {
  get kind() {
    return t('workshops.packPage.byKindOfPart');
  },
  get stage() {
    return t('workshops.packPage.bySolderingStep');
  },
  get place() {
    return t('workshops.packPage.byPlace');
  },
};

const papers: readonly WorkshopPaper[] = [
  'bag-list',
  'count-sheet',
  'room-cutting-list',
  'bag-labels',
];

/** What goes into each bag, the papers for it, and counting by weight. */
export function PackPage() {
  const { t } = useTranslation();
  const workshop = useWorkshop();
  const canPrint = (paper: WorkshopPaper) =>
    paper !== 'bag-labels' || workshop.seatAddress !== null;
  const { revision, packing: loaded } = useLoaderData<PackData>();
  const { packing, tick, book, giveBack, problem } = usePacking(workshop.id, loaded);
  const [search, choose] = useChoices();
  const order = packingOrders.find((one) => one === search.get('by')) ?? 'kind';
  const bags = workshop.seats.length;
  const lang = usePaperLanguage();
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
          <Typography
            variant="h2"
            sx={{ flex: '1 1 260px', minWidth: 0, overflowWrap: 'anywhere' }}
          >
            {t('workshops.packPage.bagsOfThe', { bags, kitName: workshop.kitName })}
          </Typography>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={order}
            onChange={(_, chosen: PackingOrder | null) => {
              if (chosen) choose({ by: chosen });
            }}
            aria-label={t('workshops.packPage.orderOfTheList')}
          >
            {packingOrders.map((one) => (
              <ToggleButton key={one} value={one} sx={{ px: 1.5 }}>
                {orderNames[one]}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
        <div className="table-scroll">
          <table className="plain" aria-label={t('workshops.packPage.whatGoesIntoEachBag')}>
            <thead>
              <tr>
                <th scope="col">{t('workshops.packPage.packed')}</th>
                <th scope="col">{t('workshops.packPage.looksLike')}</th>
                <th scope="col">{t('workshops.packPage.whatItIs')}</th>
                <th scope="col">{t('workshops.packPage.place')}</th>
                <th scope="col" className="number">
                  {t('workshops.packPage.aBag')}
                </th>
                <th scope="col" className="number">
                  {t('workshops.packPage.allBags')}
                </th>
              </tr>
            </thead>
            {groups.map(({ id, title, lines }) => (
              <tbody key={id}>
                <tr>
                  <th scope="rowgroup" colSpan={6} style={{ paddingTop: 14 }}>
                    {saying(t, title)}
                  </th>
                </tr>
                {lines.map((line) => (
                  <tr key={line.part.designators.join() || line.part.description}>
                    <td>
                      <PackTick
                        name={t('workshops.packPage.inAllBags', {
                          name: stockName(t, stockPartOf(line.part)),
                        })}
                        tickKey={partKey(revision, line.part)}
                        packing={packing}
                        tick={tick}
                      />
                    </td>
                    <PictureCell part={line.part} />
                    <td>
                      {stockName(t, stockPartOf(line.part))}
                      {line.part.supply === 'spare' && (
                        <div className="note">{t('workshops.packPage.spare')}</div>
                      )}
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
        <Bags packing={packing} tick={tick} book={book} giveBack={giveBack} problem={problem} />
        {brought.length > 0 && (
          <Typography sx={{ mt: 1.5 }}>
            <Trans
              i18nKey="workshops.packPage.notInTheBagSomebodyMust"
              values={{
                map: brought
                  .map(({ part }) => `${part.quantity} × ${stockName(t, stockPartOf(part))}`)
                  .join(', '),
              }}
              components={{ strong: <strong /> }}
            />
          </Typography>
        )}
      </Box>
      <Box sx={{ display: 'grid', gap: 3 }}>
        <section aria-labelledby="papers">
          <Typography variant="h2" id="papers" sx={{ mb: 1 }}>
            {t('workshops.packPage.toPrint')}
          </Typography>
          <PaperLanguage />
          <table className="plain plain-fields" aria-label={t('workshops.packPage.papers')}>
            <tbody>
              {papers.map((paper) => {
                const name = t(`workshops.packPage.paper.${paper}`);
                return (
                  <tr key={paper}>
                    <th scope="row">{name}</th>
                    <td>
                      <Box sx={{ display: 'flex', flexWrap: 'wrap', justifyContent: 'flex-end' }}>
                        {(['a4', 'letter'] as const).map((size) => (
                          <Button
                            key={size}
                            size="small"
                            disabled={!canPrint(paper)}
                            href={workshopPaperPath(workshop.id, paper, 'pdf', {
                              size,
                              order,
                              lang,
                            })}
                            target="_blank"
                            aria-label={`${name}, ${size === 'a4' ? 'A4' : t('workshops.packPage.letter')}`}
                          >
                            {size === 'a4' ? 'A4' : t('workshops.packPage.letter')}
                          </Button>
                        ))}
                        <TableFiles
                          short
                          size="small"
                          disabled={!canPrint(paper)}
                          pathOf={(format) =>
                            workshopPaperPath(workshop.id, paper, format, { order, lang })
                          }
                          label={(format) => t('workshops.packPage.asFormat', { name, format })}
                        />
                      </Box>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          {!canPrint('bag-labels') && (
            <Typography sx={{ mt: 1 }}>
              <Trans
                i18nKey="workshops.packPage.labelsNeedAnAddressThatPhones"
                components={{ to: <Link to="/workshops/phones" /> }}
              />
            </Typography>
          )}
          <Typography sx={{ mt: 1 }}>
            <Link to={`/kits/${workshop.kitId}/papers`}>
              {t('workshops.packPage.papersOfTheKit')}
            </Link>
            <InstructorOnly>
              {' · '}
              <Link to={`/stores/needs?for=${workshop.id}`}>
                {t('workshops.packPage.whatIsShortAndWhatTo')}
              </Link>
            </InstructorOnly>
          </Typography>
        </section>
        <Suspense>
          <CountByWeight />
        </Suspense>
      </Box>
    </Box>
  );
}
