import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { buyingListPath } from '#contract/papers';
import type { NeedsReply } from '#contract/stores';
import type { BuyingAnswer, BuyingPlan, BuyingProgress } from '#core/stores/buying';
import { daysToDeliver } from '#core/stores/offers';
import { stockName } from '#core/words/stockWords';
import { ink } from '../app/tokens.ts';
import { useWorkerTask } from '../app/useWorkerTask.ts';
import { TableFiles } from '../ui/TableFiles.tsx';
import { type Amount, useAmount } from './amount.ts';
import type { BuyingResult } from './buying.worker.ts';
import { buyingTask } from './buyingTask.ts';
import { useStores } from './StoresFrame.tsx';
import '../ui/plainTable.css';
import { decimal } from '../ui/decimal.ts';

interface BuyingProps {
  readonly needs: NeedsReply;
  /** ISO 8601: when the goods must be there. */
  readonly neededAt: string;
}

/** What is short, bought as cheaply as can be, in time. */
export function Buying({ needs, neededAt }: BuyingProps) {
  const { t } = useTranslation();
  const { items, suppliers } = useStores();
  const [days, setDays] = useState(() => String(daysToDeliver(new Date(neededAt), new Date())));
  const { state, start: solve, cancel } = useWorkerTask(buyingTask);
  const short = needs.lines.filter((need) => need.short > 0);
  if (short.length === 0) return null;
  const withinDays = days.trim() === '' ? null : Number(days);
  const daysWrong = withinDays !== null && (!Number.isInteger(withinDays) || withinDays < 0);
  // A part that no drawer is for cannot have offers: it is told apart.
  const drawerOf = (itemIds: readonly string[]) =>
    items.find(({ id, offers }) => itemIds.includes(id) && offers.length > 0) ??
    items.find(({ id }) => itemIds.includes(id));
  const wanted = short.flatMap((need) => {
    const drawer = drawerOf(need.itemIds);
    return drawer ? [{ itemId: drawer.id, pieces: need.short }] : [];
  });
  const homeless = short.filter(({ itemIds }) => drawerOf(itemIds) === undefined);
  const start = () =>
    void solve({ wanted, offers: items.flatMap(({ offers }) => offers), suppliers, withinDays });
  return (
    <section aria-labelledby="buying">
      <Typography variant="h2" id="buying" sx={{ mb: 1 }}>
        {t('stores.buying.buyWhatIsShort')}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap' }}>
        <TextField
          size="small"
          label={t('stores.buying.mustArriveWithinDays')}
          value={days}
          onChange={({ target }) => setDays(target.value)}
          error={daysWrong}
          helperText={
            daysWrong
              ? t('stores.buying.writeAWholeNumberOfDays')
              : t('stores.buying.aDayBeforeTheEveningEmpty')
          }
          sx={{ width: 260 }}
        />
        <Button variant="contained" onClick={start} disabled={daysWrong || wanted.length === 0}>
          {t('stores.buying.findTheCheapestWay')}
        </Button>
      </Box>
      {homeless.length > 0 && <Homeless needs={homeless} />}
      {state.state === 'working' && <Working progress={state.progress} cancel={cancel} />}
      {state.state === 'failed' && <Alert severity="error">{state.message}</Alert>}
      {state.state === 'done' && <Result result={state.result} milliseconds={state.milliseconds} />}
    </section>
  );
}

function Homeless({ needs }: { readonly needs: NeedsReply['lines'] }) {
  const { t } = useTranslation();
  return (
    <Alert severity="warning" sx={{ mt: 1.5 }}>
      {t('stores.buying.noDrawerIsForSoNobody', {
        map: needs.map(({ part }) => stockName(t, part)).join(', '),
      })}
    </Alert>
  );
}

interface WorkingProps {
  readonly progress: BuyingProgress | undefined;
  readonly cancel: () => void;
}

function Working({ progress, cancel }: WorkingProps) {
  const { t } = useTranslation();
  const amount = useAmount();
  const { bestCents = null, boundCents = null, nodes = 0 } = progress ?? {};
  return (
    <Box role="status" sx={{ mt: 2, maxWidth: 620, display: 'grid', gap: 1 }}>
      <LinearProgress aria-label={t('stores.buying.lookingForTheCheapestWay')} />
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Typography sx={{ flex: 1 }}>
          {[
            bestCents === null
              ? t('stores.buying.looking')
              : t('stores.buying.bestSoFar', { money: amount(Math.round(bestCents)) }),
            boundCents !== null &&
              t('stores.buying.noneCanBeBelow', { money: amount(Math.ceil(boundCents)) }),
            nodes > 0 && t('stores.buying.cases', { count: nodes }),
          ]
            .filter(Boolean)
            .join(', ')}
        </Typography>
        <Button onClick={cancel}>{t('stores.buying.cancel')}</Button>
      </Box>
    </Box>
  );
}

interface ResultProps {
  readonly result: BuyingResult;
  readonly milliseconds: number;
}

function Result({ result: { best, alone, missing }, milliseconds }: ResultProps) {
  const { t, i18n } = useTranslation();
  const amount = useAmount();
  // Nothing is left over of what is not offered, so there is a plan for the rest, if there is a rest.
  if (best.kind === 'not-to-be-had' || best.plan.purchases.length === 0) {
    return <NotToBeHad itemIds={missing} of={missing.length} />;
  }
  const { plan } = best;
  const of = missing.length + new Set(plan.purchases.map(({ offer }) => offer.itemId)).size;
  const list = plan.purchases.map(({ offer, packs }) => ({ offerId: offer.id, packs }));
  return (
    <Box sx={{ mt: 2, display: 'grid', gap: 2, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      {missing.length > 0 && <NotToBeHad itemIds={missing} of={of} />}
      <Typography role="status" sx={{ fontSize: '1.15rem' }}>
        <Trans
          i18nKey="stores.buying.inAllOfItForProved"
          values={{
            total: amount(plan.totalCents),
            delivery: amount(plan.deliveryCents),
            deliveries: t('stores.buying.deliveries', { count: plan.suppliers.length }),
            seconds: decimal(milliseconds / 1000, 1),
          }}
          components={{ strong: <strong /> }}
        />
      </Typography>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          variant="outlined"
          href={buyingListPath(list, 'pdf', { lang: i18n.language })}
          target="_blank"
        >
          {t('stores.buying.buyingListA4')}
        </Button>
        <Button
          variant="outlined"
          href={buyingListPath(list, 'pdf', { size: 'letter', lang: i18n.language })}
          target="_blank"
        >
          {t('stores.buying.buyingListLetter')}
        </Button>
        <TableFiles
          pathOf={(format) => buyingListPath(list, format, { lang: i18n.language })}
          label={(format) => t('stores.buying.exportAs', { format })}
        />
      </Box>
      <Plan plan={plan} />
      <Alone alone={alone} best={plan} />
    </Box>
  );
}

interface NotToBeHadProps {
  readonly itemIds: readonly string[];
  /** Of so many that are short. */
  readonly of: number;
}

function NotToBeHad({ itemIds, of }: NotToBeHadProps) {
  const { t } = useTranslation();
  const { items } = useStores();
  const missing = items.filter(({ id }) => itemIds.includes(id));
  const namesOf = (some: typeof missing) => some.map(({ part }) => stockName(t, part)).join(', ');
  const late = missing.filter(({ offers }) => offers.length > 0);
  const unoffered = missing.filter(({ offers }) => offers.length === 0);
  return (
    <Alert severity="warning">
      {t('stores.buying.ofCanBeBought', { count: of - missing.length, of })}{' '}
      {unoffered.length > 0 && t('stores.buying.noOfferFor', { names: namesOf(unoffered) })}{' '}
      {late.length > 0 &&
        t('stores.buying.nobodyDeliversInTimeAllowMore', { names: namesOf(late) })}
    </Alert>
  );
}

function Plan({ plan }: { readonly plan: BuyingPlan }) {
  const { t } = useTranslation();
  const amount = useAmount();
  const { items } = useStores();
  return (
    <table className="plain" aria-label={t('stores.buying.cheapestPlan')} style={{ maxWidth: 900 }}>
      <thead>
        <tr>
          <th scope="col">{t('stores.buying.supplier')}</th>
          <th scope="col">{t('stores.buying.what')}</th>
          <th scope="col" className="number">
            {t('stores.buying.packs')}
          </th>
          <th scope="col" className="number">
            {t('stores.buying.pieces')}
          </th>
          <th scope="col" className="number">
            {t('stores.buying.cost')}
          </th>
        </tr>
      </thead>
      <tbody>
        {plan.suppliers.flatMap((supplier) => [
          ...plan.purchases
            .filter(({ offer }) => offer.supplierId === supplier.id)
            .map(({ offer, packs, cents }) => {
              const item = items.find(({ id }) => id === offer.itemId);
              return (
                <tr key={offer.id}>
                  <td>{supplier.name}</td>
                  <td>{item ? stockName(t, item.part) : ''}</td>
                  <td className="mono number">{packs}</td>
                  <td className="mono number">{packs * offer.packSize}</td>
                  <td className="mono number">{amount(cents)}</td>
                </tr>
              );
            }),
          <tr key={supplier.id}>
            <td>{supplier.name}</td>
            <td>{t('stores.buying.deliveryDays', { count: supplier.days })}</td>
            <td />
            <td />
            <td className="mono number">{amount(supplier.deliveryCents)}</td>
          </tr>,
        ])}
      </tbody>
    </table>
  );
}

interface AloneProps {
  readonly alone: BuyingResult['alone'];
  readonly best: BuyingPlan;
}

function Alone({ alone, best }: AloneProps) {
  const { t } = useTranslation();
  const amount = useAmount();
  return (
    <table
      className="plain"
      aria-label={t('stores.buying.everythingAtOneSupplier')}
      style={{ maxWidth: 620 }}
    >
      <thead>
        <tr>
          <th scope="col">{t('stores.buying.everythingAtOneSupplier')}</th>
          <th scope="col" className="number">
            {t('stores.buying.wouldCost')}
          </th>
          <th scope="col" className="number">
            {t('stores.buying.moreThanThePlan')}
          </th>
        </tr>
      </thead>
      <tbody>
        {alone.map(({ supplier, answer }) => (
          <tr key={supplier.id}>
            <th scope="row">{supplier.name}</th>
            <td className="mono number">
              {answer.kind === 'optimal' ? amount(answer.plan.totalCents) : '–'}
            </td>
            <td className="number" style={{ color: ink('faded') }}>
              {moreWords(answer, best, amount)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const moreWords = (answer: BuyingAnswer, best: BuyingPlan, amount: Amount) =>
  answer.kind === 'optimal'
    ? amount(answer.plan.totalCents - best.totalCents)
    : t('stores.buying.notToBeHadThereIn', { count: answer.itemIds.length });
