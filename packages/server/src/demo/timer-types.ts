/** Types of timers that the made-up firm knows: its own words for them, each from one to start from. */
export const DEMO_TIMER_TYPES = [
  {
    name: 'Grey case by the door',
    from: 'wall-8',
    summary: 'Grey, as large as a lunch box; the flap is on the right',
  },
  {
    name: 'Beige case with three dials',
    from: 'wall-12',
    summary: 'The display is dim: bring a torch. Stations beyond 9 by holding the button',
  },
  {
    name: 'Blue box in the pump house',
    from: 'two-wire-48',
    summary: 'Two wires to all valves; the search is in the third menu',
  },
  {
    name: 'White modular, in the coach house',
    from: 'modular-24',
    summary: 'Four slots; the second module was changed in 2024',
  },
] as const;
