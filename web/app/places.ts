/** The places of the work, in its order, each with the key that leads there from every page. */
export const places = [
  { to: '/kits', name: 'Kits', key: 'k', forHelpers: true },
  { to: '/stores', name: 'Stores', key: 's', forHelpers: false },
  { to: '/workshops', name: 'Workshops', key: 'w', forHelpers: true },
  { to: '/practice', name: 'Practice', key: 'd', forHelpers: true },
  { to: '/people', name: 'People', key: 'p', forHelpers: false },
] as const;
