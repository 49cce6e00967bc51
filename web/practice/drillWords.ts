import i18next from 'i18next';
import { drillsEnglish } from '#core/words/drills.en';

/** Adds the words of the trainers, before the first of them is shown. */
export function installDrillWords(): void {
  i18next.addResourceBundle('en', 'translation', drillsEnglish);
}
