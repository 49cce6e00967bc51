import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getItemLedger, type ItemLedger, ledgerCsvPath } from '#contract/stores';
import { ledgerOf, type MoveKind } from '#core/stores/ledger';
import { asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
import { dateAndTime } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { ItemDialog } from './ItemDialog.tsx';
import { MoveForm } from './MoveForm.tsx';
import { Offers } from './Offers.tsx';
import '../ui/plainTable.css';

export const loadItem = ({ params }: LoaderFunctionArgs) =>
  call(getItemLedger, { params: { itemId: String(params.itemId) } });

const moveWords: Readonly<Record<MoveKind, string>> = {
  get in() {
    return t('stores.itemPage.cameIn');
  },
  get out() {
    return t('stores.itemPage.wentOut');
  },
  get spoiled() {
    return t('stores.itemPage.spoiledOrLost');
  },
  count: 'counted',
};

/** One drawer: its ledger, which explains the level, and what it can be bought for. */
export function ItemPage() {
  const { t, i18n } = useTranslation();
  const { item, moves } = useLoaderData<ItemLedger>();
  const [changing, setChanging] = useState(false);
  const rows = ledgerOf(moves).reverse();
  const part = asPart(item.part);
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', lg: '1fr 440px' } }}>
      <Box>
        <Link to="/stores/drawers">{t('stores.itemPage.allDrawers')}</Link>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', my: 1.5, flexWrap: 'wrap' }}>
          <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 150, height: 90 })} />
          <Box sx={{ flex: 1, minWidth: 220 }}>
            <Typography variant="h2" sx={{ fontSize: '1.4rem' }}>
              {stockName(t, item.part)}
            </Typography>
            <Typography sx={{ color: 'text.secondary' }}>
              {t('stores.itemPage.atLeast', {
                location: item.location || t('stores.itemPage.noPlaceGiven'),
                minimum: item.minimum,
              })}
            </Typography>
          </Box>
          <Typography className="mono" sx={{ fontSize: '2rem' }}>
            {item.level}
          </Typography>
          <Button onClick={() => setChanging(true)}>{t('stores.itemPage.change')}</Button>
        </Box>
        <MoveForm itemId={item.id} />
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mt: 3, mb: 0.5 }}>
          <Typography variant="h2">{t('stores.itemPage.ledgerNewestFirst')}</Typography>
          {rows.length > 0 && (
            <Button size="small" href={ledgerCsvPath(item.id, i18n.language)}>
              {t('stores.itemPage.exportTheLedgerAsCsv')}
            </Button>
          )}
        </Box>
        {rows.length === 0 ? (
          <EmptyState
            title={t('stores.itemPage.nothingBookedYet')}
            text={t('stores.itemPage.countWhatLiesInTheDrawer')}
          />
        ) : (
          <table className="plain" aria-label={t('stores.itemPage.ledger')}>
            <thead>
              <tr>
                <th scope="col">{t('stores.itemPage.when')}</th>
                <th scope="col">{t('stores.itemPage.what')}</th>
                <th scope="col" className="number">
                  {t('stores.itemPage.change')}
                </th>
                <th scope="col" className="number">
                  {t('stores.itemPage.level')}
                </th>
                <th scope="col">{t('stores.itemPage.note')}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ move, change, level }) => (
                <tr key={move.id}>
                  <td>{dateAndTime(move.at)}</td>
                  <td>{moveWords[move.kind]}</td>
                  <td className="mono number">{change > 0 ? `+${change}` : change}</td>
                  <td className="mono number">{level}</td>
                  <td>{move.note}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Box>
      <Offers item={item} />
      {changing && <ItemDialog item={item} close={() => setChanging(false)} />}
    </Box>
  );
}
