import { existsSync, renameSync, rmSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { isEmail } from 'class-validator';
import type { DataSource } from 'typeorm';
import { bringIn } from './firm-archive/bring-in.js';
import { writeArchive } from './firm-archive/write-archive.js';
import { addFirm, listFirms } from './people/firms.js';
import { CannotBegin, readConfiguration } from './platform/configuration.js';
import { asProgram } from './program.js';
import { dataSourceFor } from './schema/data-source.js';

const USAGE =
  'Use: bin/firm list, bin/firm add NAME --owner NAME --email ADDRESS, bin/firm export FIRM FILE, or bin/firm import FILE';

await asProgram(async () => {
  const [verb, ...words] = process.argv.slice(2);
  const { databaseUrl, publicUrl } = readConfiguration(process.env);
  const source = await dataSourceFor(databaseUrl).initialize();
  try {
    if (verb === 'list' && words.length === 0) {
      for (const { id, name, people, properties } of await listFirms(source))
        process.stdout.write(`${name}\t${people} people\t${properties} properties\t${id}\n`);
      return;
    }
    if (verb === 'export') {
      await exportFirm(source, words);
      return;
    }
    if (verb === 'import') {
      await importFirm(source, words, publicUrl);
      return;
    }
    if (verb !== 'add') throw new CannotBegin(USAGE);
    const { name, owner, email } = readFirm(words);
    const token = await addFirm(source, { name, owner, email });
    process.stdout.write(
      `${name} is added. ${owner} joins it within seven days at ${publicUrl}/join/${token}\n`,
    );
  } finally {
    await source.destroy();
  }
});

async function exportFirm(source: DataSource, words: readonly string[]): Promise<void> {
  const [wanted, file, ...more] = words;
  if (!wanted || !file || more.length > 0) throw new CannotBegin(USAGE);
  if (existsSync(file)) throw new CannotBegin(`${file} is there already: it is not overwritten.`);
  const found = (await listFirms(source)).filter(({ id, name }) => [id, name].includes(wanted));
  const [firm, another] = found;
  if (!firm) throw new CannotBegin(`There is no firm ${wanted}: bin/firm list names them.`);
  if (another)
    throw new CannotBegin(
      `Several firms are called ${wanted}: say which by its id (bin/firm list).`,
    );
  // Under its name only when it is whole.
  const part = `${file}.part`;
  const rows = await writeArchive(source, firm.id, part).catch((error: unknown) => {
    rmSync(part, { force: true });
    throw error;
  });
  renameSync(part, file);
  process.stdout.write(`${file}: ${firm.name}, ${rows} rows\n`);
}

async function importFirm(
  source: DataSource,
  words: readonly string[],
  publicUrl: string,
): Promise<void> {
  const [file, ...more] = words;
  if (!file || more.length > 0) throw new CannotBegin(USAGE);
  const { name, rows, owners } = await bringIn(source, file);
  process.stdout.write(`${name} is imported, ${rows} rows.\n`);
  for (const owner of owners)
    process.stdout.write(
      `${owner.name} joins it within seven days at ${publicUrl}/join/${owner.token}, and invites the others again.\n`,
    );
}

function readFirm(words: string[]) {
  const { values, positionals } = parsed(words);
  const [name, ...more] = positionals;
  const { owner, email } = values;
  if (!name || more.length > 0 || !owner || !email) throw new CannotBegin(USAGE);
  if (!isEmail(email)) throw new CannotBegin(`--email must be an e-mail address, not "${email}".`);
  return { name, owner, email };
}

function parsed(words: string[]) {
  try {
    return parseArgs({
      args: words,
      allowPositionals: true,
      options: { owner: { type: 'string' }, email: { type: 'string' } },
    });
  } catch (error) {
    throw new CannotBegin(`${error instanceof Error ? error.message : String(error)} ${USAGE}`);
  }
}
