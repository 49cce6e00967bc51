import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { Message } from '#core/build/foldSeat';
import { ink } from '../../app/tokens.ts';
import { timeOfDay } from '../../ui/clock.ts';
import { type FloorSeat, seatName } from './floorSeat.ts';

interface SentMessagesProps {
  readonly seats: readonly FloorSeat[];
  readonly takeBack: (message: string) => void;
}

/** What seats were told, and who has not read it. */
export function SentMessages({ seats, takeBack }: SentMessagesProps) {
  const { t } = useTranslation();
  const sent = new Map<string, { message: Message; at: FloorSeat }[]>();
  for (const at of seats) {
    for (const message of at.state.messages) {
      sent.set(message.message, [...(sent.get(message.message) ?? []), { message, at }]);
    }
  }
  if (sent.size === 0) return null;
  return (
    <Box component="section" aria-label={t('workshops.message.sent')}>
      <Typography variant="h2">{t('workshops.message.sent')}</Typography>
      {[...sent].reverse().map(([id, ones]) => {
        const [first] = ones;
        if (!first) return null;
        const { sort, text, at } = first.message;
        const unread = ones.filter(({ message }) => message.readAt === null);
        return (
          <Box key={id} sx={{ borderBottom: `1px solid ${ink('line')}`, py: 1 }}>
            <Box>
              <span className="mono">{timeOfDay(at)}</span>{' '}
              <strong>{t(`workshops.message.sort.${sort}`)}</strong> {text}
            </Box>
            <Box sx={{ color: ink('faded') }}>
              {unread.length === 0
                ? t('workshops.message.allHaveRead', { count: ones.length })
                : t('workshops.message.unread', {
                    read: ones.length - unread.length,
                    count: ones.length,
                    names: unread.map(({ at: { seat } }) => seatName(seat)).join(', '),
                  })}
            </Box>
            <Button
              size="small"
              onClick={() => takeBack(id)}
              aria-label={t('workshops.notices.takeBack', { text })}
            >
              {t('workshops.notices.takeItBack')}
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}
