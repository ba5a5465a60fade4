// What each of our pages has until its first screen is there, and asks for at once.

const LETTERS = [400, 600].map((weight) => ({
  tag: 'link',
  attrs: {
    rel: 'preload',
    href: `../../node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff2`,
    as: 'font',
    type: 'font/woff2',
    crossorigin: true,
  },
  injectTo: 'head',
}));

/** Our sign, as `brand-mark.tsx` draws it later, and a few words. */
const openingWith = (words) => `
      <div class="opening" role="status" aria-label="Loading">
        <svg viewBox="0 0 24 20" width="48" height="40" aria-hidden="true">
          <path d="M0 1h10v4H0zM12 1h7v4h-7zM4 8h13v4H4zM0 15h6v4H0zM9 15h15v4H9z" />
        </svg>
        ${words}
      </div>
    `;

/** A plugin of Vite: puts the opening, with the page's title, where its screens come to stand. */
export const opening = () => ({
  name: 'opening',
  transformIndexHtml: {
    order: 'pre',
    handler: (html) => {
      const [, title] = /<title>(.*?)<\/title>/.exec(html);
      return {
        html: html.replace('<div id="root"></div>', `<div id="root">${openingWith(title)}</div>`),
        tags: LETTERS,
      };
    },
  },
});
