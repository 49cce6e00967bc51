import { t } from 'i18next';
import type { Vision } from '#core/bands/vision';

export const visionNames: Readonly<Record<Vision, string>> = {
  get normal() {
    return t('kits.visionNames.normalSight');
  },
  get protan() {
    return t('kits.visionNames.redBlindSightProtan');
  },
  get deutan() {
    return t('kits.visionNames.greenBlindSightDeutan');
  },
  get tritan() {
    return t('kits.visionNames.blueBlindSightTritan');
  },
  get 'warm-light'() {
    return t('kits.visionNames.normalSightByAWarmLamp');
  },
};
