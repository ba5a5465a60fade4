import styles from './skip-link.module.css';

/** The first stop of every page: leads over the bars to what the page is for. */
export function SkipLink() {
  return (
    <a
      href="#page"
      className={styles['skip']}
      onClick={(event) => {
        // The address stays as it is: what is behind the sign is no place of this application.
        event.preventDefault();
        skip();
      }}
    >
      Skip to the page
    </a>
  );
}

/** To the first cell or field of the page's own table or form, or else to the page. */
function skip(): void {
  const page = document.querySelector<HTMLElement>('main');
  const own = page?.querySelector('[data-skip-to], form');
  const first = own?.querySelector<HTMLElement>(
    'input:not(:disabled):not([type="hidden"]), button:not(:disabled), textarea:not(:disabled)',
  );
  if (first) {
    first.focus();
    return;
  }
  page?.setAttribute('tabindex', '-1');
  page?.focus();
}
