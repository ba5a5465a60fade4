import type { Role } from '../schema/person.entity.js';

export const DEMO_FIRM = 'Quillhaven Sprinkler Care';

/** The people of the made-up firm; with the demo data loaded, anyone may sign in as one of them. */
export const DEMO_PEOPLE: readonly { name: string; email: string; role: Role }[] = [
  { name: 'Ines Marlow', email: 'ines@quillhaven.example', role: 'technician' },
  { name: 'Tobias Fenn', email: 'tobias@quillhaven.example', role: 'technician' },
  { name: 'Greta Holloway', email: 'greta@quillhaven.example', role: 'owner' },
  { name: 'Piet Lark', email: 'piet@quillhaven.example', role: 'office' },
];
