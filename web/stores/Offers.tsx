import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link, useRevalidator } from 'react-router';
import { changeOffers, type StockItem } from '#contract/stores';
import { type Offer, type PriceBreak, readBreaks } from '#core/stores/offers';
import { call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { ink } from '../app/tokens.ts';
import { useLatest } from '../app/useLatest.ts';
import { unlessChanged, useSave } from '../app/useSave.ts';
import { type Amount, useAmount } from './amount.ts';
import { useStores } from './StoresFrame.tsx';

/** What the drawer can be bought for. */
export function Offers({ item }: { readonly item: StockItem }) {
  const { t } = useTranslation();
  const amount = useAmount();
  const { suppliers } = useStores();
  const { revalidate } = useRevalidator();
  const { run, refusal } = useSave();

  const put = async (offers: readonly Omit<Offer, 'id' | 'itemId'>[]) => {
    const refused = await run(() =>
      call(changeOffers, {
        params: { itemId: item.id },
        body: {
          version: item.version,
          offers: offers.map(({ supplierId, packSize, breaks }) => ({
            supplierId,
            packSize,
            breaks: [...breaks],
          })),
        },
      }),
    );
    // Where somebody else was first, the list shows theirs, and what was typed is added to it next time.
    if (!refused || refused.isConflict) await revalidate();
    return refused === undefined;
  };

  const latest = useLatest({ item, put });
  const remove = async (offer: Offer, name: string) => {
    if (!(await put(item.offers.filter(({ id }) => id !== offer.id)))) return;
    offerUndo(t('stores.offers.removed', { name }), () =>
      // Others may have come since.
      latest.current.put([...latest.current.item.offers, offer]),
    );
  };

  return (
    <Box component="section" aria-labelledby="offers">
      <Typography variant="h2" id="offers" sx={{ mb: 1 }}>
        {t('stores.offers.offers')}
      </Typography>
      {item.offers.length === 0 && (
        <Typography sx={{ mb: 1, color: 'text.secondary' }}>
          {t('stores.offers.nobodyOffersThisYetWithAn')}
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {item.offers.map((offer) => {
          const name = suppliers.find(({ id }) => id === offer.supplierId)?.name ?? '';
          return (
            <Box component="li" key={offer.id} sx={rowStyle}>
              <Box sx={{ flex: 1 }}>
                <Trans
                  i18nKey="stores.offers.aPack"
                  values={{ name, packSize: offer.packSize }}
                  components={{ strong: <strong /> }}
                />
                <Box sx={{ color: ink('faded') }}>{breakWords(offer.breaks, amount)}</Box>
              </Box>
              <Button
                size="small"
                aria-label={t('stores.offers.removeTheOfferOfAPack', {
                  name,
                  packSize: offer.packSize,
                })}
                onClick={() => void remove(offer, name)}
              >
                {t('stores.offers.remove')}
              </Button>
            </Box>
          );
        })}
      </Box>
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
      {suppliers.length === 0 ? (
        <Typography>
          <Trans
            i18nKey="stores.offers.addASupplierFirstSuppliers"
            components={{ to: <Link to="/stores/suppliers" /> }}
          />
        </Typography>
      ) : (
        <NewOffer add={(offer) => put([...item.offers, offer])} />
      )}
    </Box>
  );
}

const rowStyle = {
  display: 'flex',
  gap: 1,
  alignItems: 'center',
  py: 0.75,
  borderBottom: `1px solid ${ink('line')}`,
};

const breakWords = (breaks: readonly PriceBreak[], amount: Amount) =>
  breaks
    .map(({ fromPacks, packCents }) =>
      fromPacks === 1
        ? t('stores.offers.aPack2', { money: amount(packCents) })
        : t('stores.offers.from', { money: amount(packCents), fromPacks }),
    )
    .join(', ');

interface NewOfferProps {
  /** Resolves to whether it was taken. */
  readonly add: (offer: Omit<Offer, 'id' | 'itemId'>) => Promise<boolean>;
}

function NewOffer({ add }: NewOfferProps) {
  const { t } = useTranslation();
  const { suppliers } = useStores();
  const [supplierId, setSupplierId] = useState(suppliers[0]?.id ?? '');
  const [packSize, setPackSize] = useState('');
  const [prices, setPrices] = useState('');
  const [problem, setProblem] = useState<string>();

  const submit = async () => {
    const breaks = readBreaks(prices);
    if (!breaks) {
      return setProblem(t('stores.offers.writeAPriceSuchAs1'));
    }
    const taken = await add({ supplierId, packSize: Number(packSize), breaks });
    if (!taken) return undefined;
    setPackSize(unlessChanged(packSize));
    setPrices(unlessChanged(prices));
    return setProblem(undefined);
  };

  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 110px', mt: 2 }}>
      <TextField
        select
        size="small"
        label={t('stores.offers.supplier')}
        value={supplierId}
        onChange={({ target }) => setSupplierId(target.value)}
      >
        {suppliers.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        size="small"
        label={t('stores.offers.packSize')}
        type="number"
        value={packSize}
        onChange={({ target }) => setPackSize(target.value)}
      />
      <TextField
        size="small"
        label={t('stores.offers.priceOfAPack')}
        value={prices}
        onChange={({ target }) => setPrices(target.value)}
        error={problem !== undefined}
        helperText={problem ?? t('stores.offers.n150OrWithBreaks1')}
      />
      <Button variant="outlined" onClick={() => void submit()} sx={{ height: 40 }}>
        {t('stores.offers.addOffer')}
      </Button>
    </Box>
  );
}
