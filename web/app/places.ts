import { t } from 'i18next';
/** The places of the work, in its order, each with the key that leads there from every page. */
export const places = [
  {
    to: '/kits',
    get name() {
      return t('app.places.kits');
    },
    key: 'k',
    forHelpers: true,
  },
  {
    to: '/stores',
    get name() {
      return t('app.places.stores');
    },
    key: 's',
    forHelpers: false,
  },
  {
    to: '/workshops',
    get name() {
      return t('app.places.workshops');
    },
    key: 'w',
    forHelpers: true,
  },
  {
    to: '/practice',
    get name() {
      return t('app.places.practice');
    },
    key: 'd',
    forHelpers: true,
  },
  {
    to: '/people',
    get name() {
      return t('app.places.people');
    },
    key: 'p',
    forHelpers: false,
  },
] as const;
