// Holds what people read to the words of the glossary (docs/glossary.md): one word for one thing.

/** A word that is not used, and the one that is. */
const WORDS = [
  [/\bcontrollers?\b/i, 'timer'],
  [/\bstand-?ins?\b/i, 'simulator'],
  [/(?<!time )\bzones?\b/i, 'station'],
  [/\btimer kinds?\b|\bkinds? of timers?\b/i, 'timer type'],
  [/\bcyclus\b/i, 'cycle'],
  [/\bwish(?:es)?\b/i, 'target'],
  [/\bclash(?:es)?\b|\bmeets?\b/i, 'collide, or of two timers on one supply overlap'],
  [/\bever\b/i, 'on any date'],
  [/\bmend(?:s|ed|ing)?\b/i, 'fix'],
  [/\bsnapshots?\b/i, 'copy'],
  [/\boutbox\b/i, 'waiting to be sent'],
  [/\btak(?:e|es|en) along\b/i, 'save for offline'],
  [/\b(?:bring(?:s|ing)?|brought) in\b/i, 'import'],
  [/\bover by\b/i, 'finish by'],
  [/\brain off\b|\bpaus(?:e|es|ed)\b/i, 'hold'],
  [/\bin one go\b/i, 'without a break'],
  [/\b(?:sorry|oops|unfortunately)\b/i, 'what is wrong, and what to do'],
  [/[a-z]!(?=\s|$)/i, 'a full stop'],
];

/** A key or a name in code is one word; a statement to the database is for nobody to read. */
const isRead = (text) =>
  /\S\s+\S/.test(text) && !/\b(?:SELECT|INSERT|UPDATE|DELETE|ALTER|CREATE)\b/.test(text);

/** A rule of eslint. */
export default {
  meta: {
    type: 'problem',
    schema: [],
    messages: { word: '“{{found}}”: say {{instead}} (docs/glossary.md).' },
  },
  create(context) {
    const look = (node, text) => {
      if (!isRead(text)) return;
      for (const [pattern, instead] of WORDS) {
        const found = pattern.exec(text)?.[0];
        if (found) context.report({ node, messageId: 'word', data: { found, instead } });
      }
    };
    return {
      Literal: (node) => {
        if (typeof node.value === 'string') look(node, node.value);
      },
      TemplateElement: (node) => look(node, node.value.cooked ?? ''),
      JSXText: (node) => look(node, node.value),
    };
  },
};
