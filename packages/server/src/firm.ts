import { parseArgs } from 'node:util';
import { isEmail } from 'class-validator';
import { addFirm, listFirms } from './people/firms.js';
import { CannotBegin, readConfiguration } from './platform/configuration.js';
import { asProgram } from './program.js';
import { dataSourceFor } from './schema/data-source.js';

const USAGE = 'Use: bin/firm list, or bin/firm add NAME --owner NAME --email ADDRESS';

await asProgram(async () => {
  const [verb, ...words] = process.argv.slice(2);
  const { databaseUrl, publicUrl } = readConfiguration(process.env);
  const source = await dataSourceFor(databaseUrl).initialize();
  try {
    if (verb === 'list' && words.length === 0) {
      for (const { name, people, properties } of await listFirms(source))
        process.stdout.write(`${name}\t${people} people\t${properties} properties\n`);
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
