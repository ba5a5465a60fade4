// npm run facts [-- --check]: writes docs/facts.md from docs/facts.json, or fails where it is another. A test holds
// the facts against the fields of a plan and the columns of the tables.
import { readFileSync, writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';

const PAGE = 'docs/facts.md';
const facts = JSON.parse(readFileSync('docs/facts.json', 'utf8'));

const rows = facts.map(
  ({ fact, is, kept, writes, shows }) =>
    `| **${fact}**: ${is} | ${kept} | ${writes} | ${shows.join(', ')} |`,
);
const where = facts.map(
  ({ fact, fields, columns }) =>
    `- **${fact}**: ${[...fields, ...columns].map((name) => `\`${name}\``).join(', ')}`,
);
const text = [
  '# Every fact has one place',
  '',
  'Made from [facts.json](facts.json) by `npm run facts`. A test fails for a field of a plan, or a column, that is in',
  'none of them, or in two; a journey of the browser changes each and reads it on every screen named here.',
  '',
  '| fact | where it is kept | who writes it | who shows it |',
  '| --- | --- | --- | --- |',
  ...rows,
  '',
  '## Fields and columns',
  '',
  'A name ends in `*` for all that no other fact names.',
  '',
  ...where,
  '',
].join('\n');

const page = await format(text, { ...(await resolveConfig(PAGE)), filepath: PAGE });
if (!process.argv.includes('--check')) writeFileSync(PAGE, page);
else if (readFileSync(PAGE, 'utf8') !== page) {
  console.error(`${PAGE} is not what facts.json says: npm run facts`);
  process.exit(1);
}
