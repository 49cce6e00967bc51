import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { type Candidate, placesOf } from '#core/faults/benchTests';
import { faultTraits } from '#core/faults/kinds/traits';
import type { RankedGroup } from '#core/faults/rank';
import type { SeenBefore } from '#core/faults/seenBefore';
import type { MistakeId } from '#core/learning/mistakes/ids';
import type { Part } from '#core/parts/part';
import { candidateText, remedyText } from '#core/words/faultWords';

interface LikelyFaultsProps {
  readonly groups: readonly RankedGroup[];
  readonly before: SeenBefore | undefined;
  readonly parts: ReadonlyMap<string, Part>;
  /** Shows places on the board. */
  readonly point: (places: readonly string[]) => void;
  /** The fault at these places was mended, and the board still does not work. */
  readonly mended: (places: readonly string[]) => void;
  /** Notes at the seat what was found; absent where the board is of no seat. */
  readonly note: ((mistake: MistakeId, place: string, what: string) => void) | undefined;
}

const mostGroups = 5;
const mostMembers = 4;
const leastChance = 0.02;

const wordOf = (chance: number) =>
  chance > 0.85 ? 'sure' : chance > 0.4 ? 'likely' : chance > 0.1 ? 'perhaps' : 'hardly';

/** What may be wrong, likeliest first, and what to do about the first. */
export function LikelyFaults({ groups, before, parts, point, mended, note }: LikelyFaultsProps) {
  const { t } = useTranslation();
  const shown = groups
    .filter(({ chance }, index) => index === 0 || chance >= leastChance)
    .slice(0, mostGroups);
  const nothingFits = shown[0]?.members[0]?.candidate === 'other';
  return (
    <section aria-labelledby="fault-likely">
      <Typography variant="h2" id="fault-likely">
        {t('kits.fault.likely')}
      </Typography>
      <p>
        {t('kits.fault.likelyAbout')} {before && t('kits.fault.counted', { count: before.builds })}
      </p>
      {nothingFits && <Alert severity="info">{t('kits.fault.nothingFits')}</Alert>}
      <ol className="fault-likely" aria-live="polite">
        {shown.map(({ chance, members }, index) => {
          const [first, ...rest] = members;
          if (!first) return null;
          const text = candidateText(t, first.candidate, parts);
          const others = rest.slice(0, mostMembers);
          return (
            <li key={text}>
              <strong>{text}</strong>{' '}
              <span className="fault-chance">{t(`kits.fault.chance.${wordOf(chance)}`)}</span>
              {others.length > 0 && (
                <p>
                  {t('kits.fault.or')}{' '}
                  {others.map(({ candidate }) => candidateText(t, candidate, parts)).join('; ')}
                  {rest.length > others.length &&
                    ` ${t('kits.fault.more', { count: rest.length - others.length })}`}
                </p>
              )}
              {typeof first.candidate !== 'string' && index === 0 && chance > 0.4 && (
                <p>
                  <b>{t('kits.fault.remedy')}:</b> {remedyText(t, first.candidate.fault)}{' '}
                  {t('kits.fault.proof')} <Mended candidate={first.candidate} mended={mended} />
                </p>
              )}
              {typeof first.candidate !== 'string' && (
                <Button
                  size="small"
                  color="inherit"
                  onClick={() =>
                    point(
                      members.flatMap(({ candidate }) =>
                        typeof candidate === 'string' ? [] : placesOf(candidate),
                      ),
                    )
                  }
                  aria-label={`${t('kits.fault.showOnBoard')}: ${text}`}
                >
                  {t('kits.fault.showOnBoard')}
                </Button>
              )}
              {note && (
                <NoteIt
                  candidates={members.map(({ candidate }) => candidate)}
                  {...{ parts, note }}
                />
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

interface MendedProps {
  readonly candidate: Exclude<Candidate, string>;
  readonly mended: (places: readonly string[]) => void;
}

/** One fault is gone, and there is another: what was in order stays so, the rest is asked again. */
function Mended({ candidate, mended }: MendedProps) {
  const { t } = useTranslation();
  return (
    <Button size="small" color="inherit" onClick={() => mended(placesOf(candidate))}>
      {t('kits.fault.mended')}
    </Button>
  );
}

interface NoteItProps {
  readonly candidates: readonly Candidate[];
  readonly parts: ReadonlyMap<string, Part>;
  readonly note: (mistake: MistakeId, place: string, what: string) => void;
}

/** So many of those that no reading tells apart are offered. */
const mostNoted = 3;

/** What it was in the end: noted at the seat. */
function NoteIt({ candidates, parts, note }: NoteItProps) {
  const { t } = useTranslation();
  return candidates.slice(0, mostNoted).map((candidate) => {
    if (typeof candidate === 'string') return null;
    const { mistake } = faultTraits[candidate.fault.kind];
    const [place] = placesOf(candidate);
    if (!mistake || place === undefined) return null;
    const what = candidateText(t, candidate, parts);
    return (
      <Button key={what} size="small" color="inherit" onClick={() => note(mistake, place, what)}>
        {t('kits.fault.noteIt', { what })}
      </Button>
    );
  });
}
