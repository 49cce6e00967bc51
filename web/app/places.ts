/** The places of the work, in its order, each with the key that leads there from every page. */
export const places = [
  { to: '/kits', name: 'Kits', key: 'k' },
  { to: '/stores', name: 'Stores', key: 's' },
  { to: '/workshops', name: 'Workshops', key: 'w' },
  { to: '/practice', name: 'Practice', key: 'd' },
  { to: '/people', name: 'People', key: 'p' },
] as const;
