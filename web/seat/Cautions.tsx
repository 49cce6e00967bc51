import { useTranslation } from 'react-i18next';
import type { Caution } from '#core/order/step';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { partName } from '#core/words/partWords';
import { Glyph } from '../ui/Glyph.tsx';
import { PartPicture } from '../ui/PartPicture.tsx';

/** What to know before picking up the iron: errata, this lot, look-alikes. */
export function Cautions({ cautions }: { readonly cautions: readonly Caution[] }) {
  const { t } = useTranslation();
  return cautions.map((caution) => (
    <section key={JSON.stringify(caution)} className="mind">
      <h2>
        <Glyph name="warn" /> {t(`caution.${caution.kind}`)}
        {caution.kind !== 'mix-up' && (
          <span className="place-names"> {shortDesignators(caution.designators)}</span>
        )}
      </h2>
      {caution.kind === 'mix-up' ? (
        <LookAlikes here={caution.here} other={caution.other} />
      ) : (
        <p>{caution.text}</p>
      )}
    </section>
  ));
}

function LookAlikes({ here, other }: { readonly here: Part; readonly other: Part }) {
  const { t } = useTranslation();
  return (
    <>
      <p>
        {t('caution.mix-up-text', {
          other: partName(t, { ...other, quantity: 2 }),
          places: shortDesignators(other.designators),
        })}
      </p>
      <div className="pictures">
        {(['here', 'other'] as const).map((side) => {
          const part = { here, other }[side];
          return (
            <figure key={side}>
              <PartPicture part={part} />
              <figcaption>
                {t(`caution.mix-up-${side}`, { what: partName(t, { ...part, quantity: 1 }) })}
              </figcaption>
            </figure>
          );
        })}
      </div>
    </>
  );
}
