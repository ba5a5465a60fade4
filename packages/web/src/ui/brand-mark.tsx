import styles from './brand-mark.module.css';
/** Our sign: bars of a night's runs. */
export function BrandMark() {
  return (
    <svg
      viewBox="0 0 24 20"
      width="24"
      height="20"
      aria-hidden="true"
      className={styles['brand-mark']}
    >
      <rect x="0" y="1" width="10" height="4" />
      <rect x="12" y="1" width="7" height="4" />
      <rect x="4" y="8" width="13" height="4" />
      <rect x="0" y="15" width="6" height="4" />
      <rect x="9" y="15" width="15" height="4" />
    </svg>
  );
}
