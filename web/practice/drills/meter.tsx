import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { dial, settingLabel } from '#core/learning/drills/meter/dial';
import {
  type MeasureAnswer,
  type MeasureTask,
  measure,
  shownAt,
  type VerdictId,
  verdictIds,
} from '#core/learning/drills/meter/measure';
import {
  type BridgeMeaning,
  bridgeMeanings,
  type DiodeMeaning,
  diodeMeanings,
  type SupplyMeaning,
  supplyMeanings,
  type TestTask,
} from '#core/learning/drills/meter/tests';
import { useShortcuts } from '../../app/shortcuts.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { PartPicture, pictureScale } from '../../ui/PartPicture.tsx';
import { Choices } from '../Choices.tsx';
import type { ViewProps } from '../exerciseView.ts';

const dialSize = 140;
const middle = dialSize / 2;
/** The settings lie round the dial, the first at the lower left. */
const angleOf = (index: number): number => -135 + (270 * index) / (dial.length - 1);

interface DialProps {
  readonly setting: number;
  readonly turnTo?: (setting: number) => void;
}

/** The knob of a made-up meter. */
function Dial({ setting, turnTo }: DialProps) {
  return (
    <svg
      viewBox={`-16 -6 ${dialSize + 32} ${dialSize - 8}`}
      className="meter-dial"
      aria-hidden="true"
    >
      <circle cx={middle} cy={middle} r={38} className="meter-knob" />
      <path
        d={`M${middle} ${middle - 36}L${middle + 5} ${middle - 20}H${middle - 5}Z`}
        className="meter-pointer"
        transform={`rotate(${angleOf(setting)} ${middle} ${middle})`}
      />
      {dial.map((one, index) => {
        const angle = ((angleOf(index) - 90) * Math.PI) / 180;
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: a shortcut for the eye; the list of settings beside it is the control
          <text
            key={settingLabel(one)}
            x={middle + 62 * Math.cos(angle)}
            y={middle + 62 * Math.sin(angle) + 3}
            className={`meter-label ${index === setting ? 'meter-label-on' : ''}`}
            onClick={() => turnTo?.(index)}
          >
            {settingLabel(one)}
          </text>
        );
      })}
    </svg>
  );
}

interface DisplayProps {
  readonly lines: readonly string[];
  /** How the tips lie, where there are several readings. */
  readonly labels?: readonly string[];
}

function Display({ lines, labels = [] }: DisplayProps) {
  const { t } = useTranslation();
  return (
    <output className="meter-display" aria-label={t('drill.meter.measure.display')}>
      {lines.map((line, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the same reading may stand twice
        <span key={index} className="meter-line">
          <span className="meter-tips">{labels[index]}</span> {line}
        </span>
      ))}
    </output>
  );
}

function Measure({ task, given, answer }: ViewProps<MeasureTask, MeasureAnswer>) {
  const { t } = useTranslation();
  // A meter lies there as it was left: on continuity.
  const [turnedTo, setTurnedTo] = useState(dial.length - 1);
  const isOpen = given === undefined && answer !== undefined;
  const setting = given?.setting ?? turnedTo;
  const right = measure.answer(task);
  const turnBy = (by: number) =>
    setTurnedTo((before) => Math.min(dial.length - 1, Math.max(0, before + by)));
  useShortcuts(
    isOpen
      ? [
          { key: 'ArrowLeft', does: t('practice.meter.turnTheDialLeft'), run: () => turnBy(-1) },
          { key: 'ArrowRight', does: t('practice.meter.turnTheDialRight'), run: () => turnBy(1) },
        ]
      : [],
  );
  return (
    <>
      <div className="meter">
        <div className="meter-body">
          <Display lines={[shownAt(task, setting)]} />
          <Dial setting={setting} {...(isOpen ? { turnTo: setTurnedTo } : {})} />
        </div>
        <div className="meter-side">
          <PartPicture
            part={task.part}
            pixelsPerMm={pictureScale(task.part, { width: 150, height: 120 })}
          />
          <label>
            {t('drill.meter.measure.dial')}
            <select
              value={setting}
              disabled={!isOpen}
              onChange={({ target }) => setTurnedTo(Number(target.value))}
            >
              {dial.map((one, index) => (
                <option key={settingLabel(one)} value={index}>
                  {one.kind === 'range' ? settingLabel(one) : t(`drill.meter.setting.${one.kind}`)}
                </option>
              ))}
            </select>
          </label>
        </div>
      </div>
      {given && given.setting !== right.setting && (
        <p className="drill-note">
          <Glyph name="cross" /> {settingLabel(dial[given.setting] ?? { kind: 'diode' })}
          {' → '}
          {settingLabel(dial[right.setting] ?? { kind: 'diode' })}: {shownAt(task, right.setting)}
        </p>
      )}
      <Choices<VerdictId>
        label={t('drill.meter.measure.decide')}
        choices={verdictIds.map((value) => ({ value, says: t(`drill.meter.verdict.${value}`) }))}
        right={right.verdict}
        given={given?.verdict}
        answer={answer && ((verdict: VerdictId) => answer({ setting, verdict }))}
      />
    </>
  );
}

/** A reading that is there already: what does it mean? */
function testView<Meaning extends string>(
  drillKind: string,
  meanings: readonly Meaning[],
  setting: number,
) {
  return function Test({ task, given, answer }: ViewProps<TestTask<Meaning>, Meaning>) {
    const { t } = useTranslation();
    return (
      <>
        <div className="meter">
          <div className="meter-body">
            <Display
              lines={task.shows}
              {...(drillKind === 'diode' && {
                labels: [t('drill.meter.diode.first'), t('drill.meter.diode.second')],
              })}
            />
            <Dial setting={setting} />
          </div>
          {task.part && (
            <div className="meter-side" aria-hidden="true">
              <PartPicture
                part={task.part}
                pixelsPerMm={pictureScale(task.part, { width: 150, height: 120 })}
              />
            </div>
          )}
        </div>
        <Choices
          label={t('practice.pickWhy')}
          choices={meanings.map((value) => ({
            value,
            says: t(`drill.meter.${drillKind}.is.${value}`),
          }))}
          right={task.meaning}
          given={given}
          answer={answer}
        />
      </>
    );
  };
}

const settingOf = (kind: 'diode' | 'continuity') => dial.findIndex((one) => one.kind === kind);
/** Supply to ground is measured on 2 kΩ, as the step says. */
const supplyRange = dial.findIndex((one) => one.kind === 'range' && one.range.upTo === 2000);

/** The pictures of the drill, by kind of exercise. */
export const meterViews = {
  measure: Measure,
  diode: testView<DiodeMeaning>('diode', diodeMeanings, settingOf('diode')),
  continuity: testView<BridgeMeaning>('continuity', bridgeMeanings, settingOf('continuity')),
  supply: testView<SupplyMeaning>('supply', supplyMeanings, supplyRange),
};
