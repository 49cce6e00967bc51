import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Answered } from '../session/Session.tsx';
import { FreeBench } from './FreeBench.tsx';
import { Lesson } from './Lesson.tsx';
import '../practice.css';
import './heat.css';

interface HeatRoomProps {
  readonly record: (answered: Answered) => void;
}

const ways = ['lesson', 'free'] as const;

/** The heat bench: goals one after another, or everything to play with. */
export function HeatRoom({ record }: HeatRoomProps) {
  const { t } = useTranslation();
  const [way, setWay] = useState<(typeof ways)[number]>('lesson');
  return (
    <div className="heat-room">
      <div className="drill">
        <div className="drill-row">
          {ways.map((one) => (
            <button
              key={one}
              type="button"
              className="drill-side"
              aria-pressed={way === one}
              onClick={() => setWay(one)}
            >
              {t(`drill.heat.${one}`)}
            </button>
          ))}
        </div>
      </div>
      {way === 'lesson' ? <Lesson record={record} /> : <FreeBench record={record} />}
    </div>
  );
}
