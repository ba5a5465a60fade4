import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-400.css';
import '../ui/base.css';
import colours from '../ui/colours.module.css';
import { createRoot } from 'react-dom/client';
import { SharedPage } from './shared-page';

// An entry of its own: whoever has a link loads what a sheet needs, and nothing else.
const scheme = matchMedia('(prefers-color-scheme: dark)');
const bar = document.head.appendChild(document.createElement('meta'));
bar.name = 'theme-color';
const paint = () => {
  const theme = scheme.matches ? 'dark' : 'light';
  document.documentElement.dataset['theme'] = theme;
  // By its value: a sheet of colours of which no value is asked for is left out of the page.
  bar.content = colours[`${theme}-paper`]!;
};
scheme.addEventListener('change', paint);
paint();

const token = /^\/s\/([^/]+)/.exec(window.location.pathname)?.[1] ?? '';
createRoot(document.getElementById('root')!).render(<SharedPage token={token} />);
