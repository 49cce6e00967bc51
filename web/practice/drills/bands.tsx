import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type BandColour, bandColourNames, bandColours } from '#core/bands/colours';
import type { AlikeTask } from '#core/learning/drills/bands/alike';
import { alike } from '#core/learning/drills/bands/alike';
import { asLying, type Lying } from '#core/learning/drills/bands/pictures';
import type { PrintTask } from '#core/learning/drills/bands/prints';
import type { ReadAnswer, ReadTask } from '#core/learning/drills/bands/read';
import type { BandedResistor } from '#core/learning/drills/bands/resistors';
import {
  type TwoReadingsAnswer,
  type TwoReadingsTask,
  type WayToTell,
  waysToTell,
} from '#core/learning/drills/bands/twoReadings';
import { meterShows } from '#core/learning/drills/meter/dial';
import { chipSizes } from '#core/parts/bodyOf';
import { drawResistor } from '#core/parts/drawing/axial';
import { drawTrimmer } from '#core/parts/drawing/hardware';
import { drawCeramic } from '#core/parts/drawing/radial';
import { drawChipPart } from '#core/parts/drawing/surface';
import { formatQuantity } from '#core/quantity/formatQuantity';
import { useShortcuts } from '../../app/shortcuts.ts';
import { DrawingSvg } from '../../ui/DrawingSvg.tsx';
import { Glyph } from '../../ui/Glyph.tsx';
import { BandRow } from '../../ui/PartPicture.tsx';
import { Choices } from '../Choices.tsx';
import type { ViewProps } from '../exerciseView.ts';
import { ValueForm } from '../ValueForm.tsx';

/** A resistor on the mat; its words stand beside it. */
function Resistor({ bands, turned }: Lying) {
  return (
    <span className={`mat drill-picture ${turned ? 'drill-turned' : ''}`} aria-hidden="true">
      <DrawingSvg drawing={drawResistor(bands)} />
    </span>
  );
}

function Read({ task, sight, given, answer }: ViewProps<ReadTask, ReadAnswer>) {
  const { t } = useTranslation();
  const [by, setBy] = useState<ReadAnswer['by']>('eye');
  const [shown, setShown] = useState({ names: false, meter: false });
  const offers = sight !== 'usual' && given === undefined && answer !== undefined;
  return (
    <>
      <Resistor {...task} />
      {offers && (
        <div className="drill-row">
          <button
            type="button"
            className="drill-side"
            onClick={() => {
              setShown({ ...shown, names: true });
              if (by === 'eye') setBy('names');
            }}
          >
            {t('drill.bands.read.names')}
          </button>
          <button
            type="button"
            className="drill-side"
            onClick={() => {
              setShown({ ...shown, meter: true });
              setBy('meter');
            }}
          >
            {t('drill.bands.read.meter')}
          </button>
        </div>
      )}
      {shown.names && <BandRow bands={asLying(task)} />}
      {shown.meter && (
        <p role="status" className="drill-note">
          <strong>{t('drill.bands.read.shows', { reading: meterShows(task.ohm) })}</strong>{' '}
          {t('drill.bands.read.route')}
        </p>
      )}
      <ValueForm unit="ohm" given={given?.ohm} answer={answer && ((ohm) => answer({ ohm, by }))} />
    </>
  );
}

const paints = bandColourNames.filter((name) => name !== 'pink');
/** Digits by their own key; gold and silver, which move the point, by keys that no page uses otherwise. */
const keyOf = (colour: BandColour): string => {
  const { digit } = bandColours[colour] as { digit?: number };
  if (digit !== undefined) return String(digit);
  return colour === 'gold' ? '+' : '-';
};

function Place({ task, given, answer }: ViewProps<BandedResistor, readonly BandColour[]>) {
  const { t } = useTranslation();
  const [placed, setPlaced] = useState<readonly BandColour[]>([]);
  const count = task.bands.length;
  const bands = given ?? placed;
  const isOpen = given === undefined && answer !== undefined;
  const add = (colour: BandColour) =>
    setPlaced((before) => (before.length < count ? [...before, colour] : before));
  const remove = () => setPlaced((before) => before.slice(0, -1));
  useShortcuts(
    isOpen
      ? [
          ...paints.map((colour) => ({
            key: keyOf(colour),
            does: t('practice.bands.place', { colour }),
            run: () => add(colour),
          })),
          { key: 'Backspace', does: t('practice.bands.takeAwayTheLastBand'), run: remove },
        ]
      : [],
  );
  return (
    <>
      <span className="mat drill-picture" aria-hidden="true">
        <DrawingSvg drawing={drawResistor(padded(bands, count))} />
      </span>
      <ol className="drill-slots">
        {Array.from({ length: count }, (_, index) => {
          const colour = bands[index];
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: a slot is its place
            <li key={index}>
              {t('drill.bands.place.band', { number: index + 1 })}:{' '}
              <strong>{colour ? t(`band.${colour}`) : '…'}</strong>
            </li>
          );
        })}
      </ol>
      {given && (
        <span className="mat drill-picture" aria-hidden="true">
          <DrawingSvg drawing={drawResistor(task.bands)} />
        </span>
      )}
      {isOpen && (
        <>
          <div className="drill-paints">
            {paints.map((colour) => (
              <button key={colour} type="button" onClick={() => add(colour)}>
                <svg viewBox="0 0 16 16" aria-hidden="true">
                  <rect width="16" height="16" fill={bandColours[colour].srgb} />
                </svg>
                {t(`band.${colour}`)}
              </button>
            ))}
          </div>
          <div className="drill-row">
            <button
              type="button"
              className="drill-side"
              onClick={remove}
              disabled={placed.length === 0}
            >
              {t('drill.bands.place.take')}
            </button>
            <button
              type="button"
              className="drill-main"
              disabled={placed.length < count}
              onClick={() => answer(placed)}
            >
              {t('practice.answer')}
            </button>
          </div>
        </>
      )}
    </>
  );
}

/** Places that are still empty are not painted. */
const padded = (bands: readonly BandColour[], count: number): readonly (BandColour | null)[] =>
  Array.from({ length: count }, (_, index) => bands[index] ?? null);

function WhichEnd({ task, given, answer }: ViewProps<Lying, 'left' | 'right'>) {
  const { t } = useTranslation();
  return (
    <>
      <Resistor {...task} />
      <Choices
        label={t('practice.pickWhy')}
        choices={(['left', 'right'] as const).map((value) => ({
          value,
          says: t(`drill.bands.end.${value}`),
        }))}
        right={task.turned ? 'right' : 'left'}
        given={given}
        answer={answer}
      />
    </>
  );
}

function Alike({ task, given, answer }: ViewProps<AlikeTask, 'same' | 'different'>) {
  const { t } = useTranslation();
  return (
    <>
      <div className="drill-pair">
        <Resistor {...task.one} />
        <Resistor {...task.other} />
      </div>
      <Choices
        label={t('practice.pickWhy')}
        choices={(['same', 'different'] as const).map((value) => ({
          value,
          says: t(`drill.bands.alike.${value}-answer`),
        }))}
        right={alike.answer(task)}
        given={given}
        answer={answer}
      />
    </>
  );
}

function TwoReadings({ task, given, answer }: ViewProps<TwoReadingsTask, TwoReadingsAnswer>) {
  const { t } = useTranslation();
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const [how, setHow] = useState<WayToTell>();
  const isOpen = given === undefined && answer !== undefined;
  const toggle = (ohm: number) =>
    setChosen(chosen.includes(ohm) ? chosen.filter((one) => one !== ohm) : [...chosen, ohm]);
  const values = given?.readings ?? chosen;
  const way = given?.how ?? how;
  return (
    <>
      <Resistor bands={task.bands} turned={false} />
      <div className="drill-row">
        {task.choices.map((ohm) => (
          <button
            key={ohm}
            type="button"
            className="drill-side"
            aria-pressed={values.includes(ohm)}
            disabled={!isOpen}
            onClick={() => toggle(ohm)}
          >
            {formatQuantity(ohm, 'ohm')}
            {given && task.readings.includes(ohm) && <Glyph name="tick" />}
          </button>
        ))}
      </div>
      <fieldset className="drill-how">
        <legend>{t('drill.bands.two.howAsk')}</legend>
        {waysToTell.map((one) => (
          <label key={one}>
            <input
              type="radio"
              name="how"
              checked={way === one}
              disabled={!isOpen}
              onChange={() => setHow(one)}
            />{' '}
            {t(`drill.bands.two.how.${one}`)}
          </label>
        ))}
      </fieldset>
      {isOpen && (
        <button
          type="button"
          className="drill-main"
          disabled={chosen.length !== 2 || how === undefined}
          onClick={() => how && answer({ readings: chosen, how })}
        >
          {t('practice.answer')}
        </button>
      )}
    </>
  );
}

const printed = {
  capacitor: drawCeramic,
  chip: (text: string) => drawChipPart(chipSizes['0805'], '#2a2a2c', text),
  trimmer: drawTrimmer,
} as const;

function Print({ task, given, answer }: ViewProps<PrintTask, number>) {
  return (
    <>
      <span className="mat drill-picture drill-print" aria-hidden="true">
        <DrawingSvg drawing={printed[task.on](task.text)} />
      </span>
      <ValueForm unit={task.unit === 'farad' ? 'farad' : 'ohm'} given={given} answer={answer} />
    </>
  );
}

/** The pictures of the drill, by kind of exercise. */
export const bandsViews = {
  read: Read,
  place: Place,
  end: WhichEnd,
  alike: Alike,
  two: TwoReadings,
  print: Print,
};
