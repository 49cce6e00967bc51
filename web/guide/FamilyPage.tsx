import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import type { Drawing } from '#core/parts/drawing/drawing';
import { drawAbove } from '#core/parts/drawing/seated/above';
import { drawSide } from '#core/parts/drawing/seated/side';
import { examplePart } from '#core/parts/examplePart';
import { families } from '#core/parts/families/index';
import type { PartFamily } from '#core/parts/family';
import { familyWord, fitWords, partName } from '#core/words/partWords';
import { ink } from '../app/tokens.ts';
import { DrawingSvg } from '../ui/DrawingSvg.tsx';
import { EmptyState } from '../ui/EmptyState.tsx';
import { Glyph } from '../ui/Glyph.tsx';
import { PartMarks } from '../ui/PartMarks.tsx';
import { BoardMark, PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { polaritySigns } from '../ui/polaritySigns.ts';

/** One kind of part, made from its definition: how it looks from every side, which way round, how to fit it. */
export function FamilyPage() {
  const { t } = useTranslation();
  const { family: id } = useParams();
  const family = families.find((one) => one.id === id);
  if (!family) {
    return (
      <EmptyState
        title={t('guide.familyPage.noSuchKindOfPart')}
        text={t('guide.familyPage.perhapsTheAddressHasASlip')}
      >
        <Link to="/guide">{t('guide.familyPage.toAllKindsOfParts')}</Link>
      </EmptyState>
    );
  }
  return <Guide family={family} />;
}

function Guide({ family }: { readonly family: PartFamily }) {
  const { t } = useTranslation();
  const part = examplePart(family);
  const { body } = family;
  const onMat = Math.min(pictureScale(part, { width: 330, height: 200 }) * 1.6, 40);
  const views: readonly (readonly [string, Drawing])[] =
    // What hangs on its wires lies on no board.
    family.mount === 'none' || family.mount === 'off-board'
      ? []
      : [
          [t('guide.familyPage.fromTheSideSoldered'), drawSide(family, part)],
          [t('guide.familyPage.fromAbove'), drawAbove(family, part)],
        ];
  const backwards = familyWord(t, part, 'backwards');
  const sign = polaritySigns[family.polarity];
  const joints = family.joints(part);
  return (
    <article>
      <Typography variant="h1" sx={{ '&::first-letter': { textTransform: 'uppercase' } }}>
        {t(`family.${family.id}.one`)}
      </Typography>
      <Typography sx={{ color: 'text.secondary', mb: 2 }}>
        {[
          t('guide.familyPage.example', { part: partName(t, part), heightMm: body.heightMm }),
          joints > 0 && t('step.joints', { count: joints }),
          family.prepareMinutes > 0 &&
            t('guide.familyPage.prepare', { minutes: family.prepareMinutes }),
        ]
          .filter(Boolean)
          .join(' · ')}
      </Typography>
      <Box sx={{ display: 'flex', gap: 2.5, flexWrap: 'wrap', alignItems: 'flex-end' }}>
        <Figure caption={t('guide.familyPage.asItLiesOnTheMat')}>
          <PartPicture part={part} pixelsPerMm={onMat} />
        </Figure>
        {views.map(([caption, drawing]) => (
          <Figure key={caption} caption={caption}>
            <span className="mat">
              <DrawingSvg
                drawing={drawing}
                name={`${t(`family.${family.id}.one`)}, ${caption.toLowerCase()}`}
                pixelsPerMm={Math.min(onMat * 0.8, 300 / drawing.widthMm, 220 / drawing.heightMm)}
              />
            </span>
          </Figure>
        ))}
        {family.drawBoardMark && (
          <Figure caption={t('guide.familyPage.printedOnTheBoard')}>
            <BoardMark part={part} pixelsPerMm={onMat * 0.8} />
          </Figure>
        )}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
          mt: 3,
        }}
      >
        <Section title={t('guide.familyPage.whichWayRound')}>
          <p>
            <strong>
              <Glyph name={sign.glyph} /> {sign.word}
            </strong>{' '}
            {familyWord(t, part, 'wayRound')}
          </p>
          {backwards && (
            <p>
              <strong>{t('guide.familyPage.otherwise')}</strong> {backwards}
            </p>
          )}
        </Section>
        <Section title={t('guide.familyPage.whatIsOnIt')}>
          <PartMarks part={part} />
        </Section>
        <Section title={t('guide.familyPage.howToFitIt')}>
          <ol>
            {fitWords(t, part).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ol>
        </Section>
        <Section title={t('guide.familyPage.howItIsHeld')}>
          <p>{t(`family.${family.id}.hold`)}</p>
          {family.heatSensitive && <p>{t('sensitive.heat')}</p>}
          {family.staticSensitive && <p>{t('sensitive.static')}</p>}
        </Section>
        <Section title={t('guide.familyPage.whatGoesWrong')}>
          <ul>
            {(t(`family.${family.id}.mistakes`, { returnObjects: true }) as string[]).map(
              (line) => (
                <li key={line}>{line}</li>
              ),
            )}
          </ul>
        </Section>
        <Section title={t('guide.familyPage.sizes')}>
          <p>{t(bodyWords(body), { ...body })}</p>
          <p>{t('guide.familyPage.sourceYoursMayDifferMeasureIt', { source: body.source })}</p>
        </Section>
      </Box>
      <Typography sx={{ mt: 3, color: 'text.secondary' }}>
        {t('guide.familyPage.glassesOnWhenYouSolderOr')}
      </Typography>
    </article>
  );
}

/** Its size, with or without a fixed distance of the leads. */
const bodyWords = (body: PartFamily['body']) =>
  `guide.familyPage.${'lengthMm' in body ? 'body' : 'bodyByPins'}${body.leadMm === undefined ? '' : 'WithLeads'}`;

function Figure({ caption, children }: { readonly caption: string; readonly children: ReactNode }) {
  return (
    <figure style={{ margin: 0 }}>
      {children}
      <figcaption style={{ color: ink('faded') }}>{caption}</figcaption>
    </figure>
  );
}

function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <Box
      component="section"
      aria-label={title}
      sx={{
        borderTop: `2px solid ${ink('ink')}`,
        pt: 1,
        fontSize: '1.08rem',
        lineHeight: 1.5,
        '& p': { m: 0, mb: 0.75 },
        '& ol, & ul:not(.marks)': { m: 0, pl: 3 },
        '& .marks': { fontSize: '1em', lineHeight: 1.5 },
      }}
    >
      <Typography variant="h2" sx={{ mb: 0.75 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}
