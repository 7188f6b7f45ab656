/** The stations of the route in the owner's order, with the key that goes there after `g`. */
export const stations = [
  { name: 'plates', key: 'p', built: true },
  { name: 'load', key: 'l', built: true },
  { name: 'balance', key: 'b', built: true },
  { name: 'weigh', key: 'w', built: true },
  { name: 'verdict', key: 'v', built: true },
  { name: 'uprate', key: 'u', built: true },
  { name: 'road', key: 'r', built: false },
  { name: 'papers', key: 'f', built: true },
] as const;
export type StationName = (typeof stations)[number]['name'];
