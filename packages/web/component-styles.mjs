// The component library's styles, ready-made: worked out in the browser they cost a phone a second at every opening.
import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import postcss from 'postcss';

/** What each component that we use calls its classes, and the sheet that has them: `inside` unless it says another. */
const COMPONENTS = {
  Alert: { classes: ['alert'], sheet: 'door' },
  App: { classes: ['app', 'message', 'fade', 'move'] },
  AutoComplete: { classes: ['select', 'empty', 'slide'] },
  Button: { classes: ['btn', 'wave'], sheet: 'door' },
  Calendar: { classes: ['picker'], sheet: 'calendar' },
  Checkbox: { classes: ['checkbox'] },
  ConfigProvider: { classes: [] },
  Drawer: { classes: ['drawer'] },
  Dropdown: { classes: ['dropdown', 'slide', 'zoom'] },
  Form: { classes: ['form', 'row', 'col', 'motion', 'zoom'] },
  Input: { classes: ['input'], sheet: 'door' },
  Modal: { classes: ['modal', 'zoom'] },
  Popover: { classes: ['popover', 'zoom'] },
  Progress: { classes: ['progress'] },
  QRCode: { classes: ['qrcode'] },
  Radio: { classes: ['radio'] },
  Segmented: { classes: ['segmented'] },
  Select: { classes: ['select', 'empty', 'slide'] },
  Skeleton: { classes: ['skeleton'] },
  Space: { classes: ['space'] },
  Spin: { classes: ['spin'] },
  Steps: { classes: ['steps'], sheet: 'steps' },
  Switch: { classes: ['switch'] },
  Tag: { classes: ['tag'] },
  Tooltip: { classes: ['tooltip', 'zoom'] },
};

/** Beginnings of classes that another of the library's components has, though they begin like one of ours. */
const OF_OTHERS = ['input-number', 'input-otp', 'select-tree'];

/** The sheets, each loaded after those before it. */
const SHEETS = ['door', 'inside', 'calendar', 'steps'];

/** The classes of a sheet and of those before it. */
const classesUpTo = (last) =>
  new Set(
    Object.values(COMPONENTS).flatMap(({ classes, sheet = 'inside' }) =>
      SHEETS.indexOf(sheet) <= last ? classes : [],
    ),
  );

const isOf = (name, prefix) => name === prefix || name.startsWith(`${prefix}-`);

/** Whether a class is one of some components' own. */
function isAmong(name, classes) {
  const own = [...OF_OTHERS, ...classes].find((prefix) => isOf(name, prefix));
  return own !== undefined && classes.has(own);
}

const namedIn = (selector) =>
  [...selector.matchAll(/\.ant-([a-z][\w-]*)/g)]
    .map(([, name]) => name)
    .filter((name) => !name.endsWith('css-var'));

/** The rules of the library's stylesheet of which `isMeant` is true, by the classes that they name. */
function rulesThat(isMeant) {
  const path = createRequire(import.meta.url).resolve('antd/dist/antd.css');
  const sheet = postcss.parse(readFileSync(path, 'utf8'));
  sheet.walkRules((rule) => {
    if (rule.parent.type === 'atrule' && rule.parent.name.endsWith('keyframes')) return;
    const meant = rule.selectors.filter((selector) => isMeant(namedIn(selector)));
    if (meant.length === 0) rule.remove();
    else rule.selectors = meant;
  });
  const used = new Set();
  sheet.walkDecls(/^animation/, ({ value }) => {
    for (const word of value.split(/[\s,]+/)) used.add(word);
  });
  sheet.walkAtRules((rule) => {
    const isDead = rule.name.endsWith('keyframes')
      ? !used.has(rule.params)
      : rule.nodes?.length === 0;
    if (isDead) rule.remove();
  });
  return sheet.toString();
}

const areAll = (names, classes) =>
  names.every((name) => isAmong(name, classes) && !NEVER.test(name));

/** A sheet: the rules for which its classes, and those of the sheets before it, are enough, and no fewer. */
function sheetOf(name) {
  const at = SHEETS.indexOf(name);
  const [before, own] = [classesUpTo(at - 1), classesUpTo(at)];
  return rulesThat((names) => areAll(names, own) && (at === 0 || !areAll(names, before)));
}

/** What nobody here writes: from right to left, looks of fields, columns by number, and the library's named colours. */
const NEVER =
  /-rtl(-|$)|^col-((xs|sm|md|lg|xl|xxl|xxxl)-)?(\d|offset|order|pull|push|flex)|(input|number|select|picker|variant)-(filled|borderless|underlined)(-|$)|-(blue|purple|cyan|green|magenta|pink|red|orange|yellow|volcano|geekblue|lime|gold)(-|$)/;

const SOURCE = join(import.meta.dirname, 'src');

/** Components that a module of ours takes from the library and of which nothing is known here. */
const namelessIn = (code) =>
  [...code.matchAll(/import\s*\{([^}]*)\}\s*from\s*["']antd["']/g)]
    .flatMap(([, names]) => names.split(',').map((name) => name.trim().split(/\s+/)[0]))
    .filter((name) => /^[A-Z]/.test(name) && !(name in COMPONENTS));

const PREFIX = 'virtual:component-styles/';
const MAKES_STYLES = /^gen(Style|SubStyle|ComponentStyle)(Hooks?|Component)$/;

/** A plugin of Vite: each sheet as `virtual:component-styles/<name>.css`; the library's own makers of styles go. */
export function componentStyles() {
  return {
    name: 'component-styles',
    resolveId: (id) => (id.startsWith(PREFIX) ? `\0${id}` : undefined),
    load(id) {
      if (!id.startsWith(`\0${PREFIX}`)) return undefined;
      const name = id.slice(PREFIX.length + 1).replace(/\.css$/, '');
      return { code: `@layer base,antd;@layer antd{${sheetOf(name)}}`, moduleType: 'css' };
    },
    transform(code, id) {
      const [unknown] = id.startsWith(SOURCE) ? namelessIn(code) : [];
      if (unknown)
        this.error(`${unknown} of antd: say in component-styles.mjs what its classes are.`);
      if (!/[\\/]antd[\\/]es[\\/].*[\\/]style[\\/]/.test(id)) return undefined;
      const cut = placesOfMakers(this.parse(code));
      if (cut.length === 0) return undefined;
      return { code: cut.reduceRight(without, code), map: null };
    },
  };
}

const without = (code, { start, end }) => `${code.slice(0, start)}() => []${code.slice(end)}`;

/** Where functions stand in the code of a module that make the styles of a component, in order. */
function placesOfMakers(node) {
  if (!node || typeof node !== 'object') return [];
  if (Array.isArray(node)) return node.flatMap(placesOfMakers);
  const isMaking = node.type === 'CallExpression' && MAKES_STYLES.test(node.callee.name ?? '');
  if (isMaking) return [node.arguments[1]];
  return Object.values(node).flatMap(placesOfMakers);
}
