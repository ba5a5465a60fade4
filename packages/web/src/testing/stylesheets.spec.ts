import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';

const SOURCE = resolve(__dirname, '..');
const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' }).map((name) =>
  join(SOURCE, name),
);
const short = (file: string) => relative(SOURCE, file);

/** The classes of a stylesheet that are its own. */
function classesOf(file: string): Set<string> {
  const rules = readFileSync(file, 'utf8')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/@value[^;]*;/g, '')
    .replace(/:global\([^)]*\)/g, '');
  return new Set([...rules.matchAll(/\.([a-z][\w-]*)(?=[^{}]*\{)/g)].map(([, name]) => name!));
}

/** Each class that a component names, with the stylesheet that it takes it from. */
function namedIn(file: string): { readonly sheet: string; readonly name: string }[] {
  const text = readFileSync(file, 'utf8');
  const imports = text.matchAll(/^import (\w+) from '([^']+\.module\.css)';$/gm);
  return [...imports].flatMap(([, variable, from]) => {
    const sheet = resolve(dirname(file), from!);
    const places = text.matchAll(new RegExp(`\\b${variable}\\[([^\\]]+)\\]`, 'g'));
    return [...places].flatMap(([, inner]) => namesIn(inner!).map((name) => ({ sheet, name })));
  });
}

/** What may stand between the brackets: a name, a choice of names, or a name that ends with a value. */
function namesIn(inner: string): string[] {
  const choices = inner.includes('?') ? inner.slice(inner.indexOf('?')) : inner;
  return [...choices.matchAll(/['`]([a-z][\w-]*(?:\$\{)?)/g)].map(([, name]) => name!);
}

const named = files
  .filter((file) => file.endsWith('.tsx') && !file.endsWith('.spec.tsx'))
  .flatMap((file) => namedIn(file).map((one) => ({ ...one, file })));
const sheets = files.filter((file) => file.endsWith('.module.css'));
const isMeant = (own: string, { name }: { readonly name: string }) =>
  name.endsWith('${') ? own.startsWith(name.slice(0, -2)) : own === name;

it('a class that a component names is one of the stylesheet from which it takes it', () => {
  const missing = named
    .filter((one) => ![...classesOf(one.sheet)].some((own) => isMeant(own, one)))
    .map(({ file, name, sheet }) => `${short(file)}: no .${name} in ${short(sheet)}`);
  expect(named.length).toBeGreaterThan(400);
  expect(missing).toEqual([]);
});

it('every class of a stylesheet is named by a component', () => {
  const unused = sheets.flatMap((sheet) =>
    [...classesOf(sheet)]
      .filter((own) => !named.some((one) => one.sheet === sheet && isMeant(own, one)))
      .map((own) => `${short(sheet)}: .${own}`),
  );
  expect(sheets.length).toBeGreaterThan(30);
  expect(unused).toEqual([]);
});

it('no stylesheet is taken without a name but the first of the page', () => {
  const bare = files
    .filter((file) => file.endsWith('.tsx'))
    .flatMap((file) =>
      [...readFileSync(file, 'utf8').matchAll(/^import '([^']+\.css)';$/gm)].map(
        ([, from]) => `${short(file)}: ${from}`,
      ),
    )
    .filter(
      (line) =>
        !/@fontsource|component-styles|ui\/base\.css|ui\/colours\.module\.css|app\/shell\.tsx/.test(
          line,
        ),
    );
  expect(bare).toEqual([]);
});

it('a colour is written in one place', () => {
  const colours = files
    .filter((file) => /\.(css|tsx?)$/.test(file) && !/\.spec\.|colours\.module\.css$/.test(file))
    .flatMap((file) =>
      [...readFileSync(file, 'utf8').matchAll(/#[\da-f]{3,8}\b(?=[;'"\s,)])|rgba?\(/g)].map(
        ([colour]) => `${short(file)}: ${colour}`,
      ),
    );
  expect(colours).toEqual([]);
});
