import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-400.css';
import '../ui/colours.module.css';
import '../ui/base.css';
import { createRoot } from 'react-dom/client';
import { SharedPage } from './shared-page';

// An entry of its own: whoever has a link loads what a sheet needs, and nothing else.
const scheme = matchMedia('(prefers-color-scheme: dark)');
const paint = () => {
  document.documentElement.dataset['theme'] = scheme.matches ? 'dark' : 'light';
};
scheme.addEventListener('change', paint);
paint();

const token = /^\/s\/([^/]+)/.exec(window.location.pathname)?.[1] ?? '';
createRoot(document.getElementById('root')!).render(<SharedPage token={token} />);
