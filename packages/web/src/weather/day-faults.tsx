import fieldStyles from '../ui/field.module.css';
/** Faults of days, which have no field of their own on this page. */
export function DayFaults({ faults }: { faults: ReadonlyMap<string, string> }) {
  const places = [...faults].filter(([path]) => path.startsWith('record.days'));
  if (places.length === 0) return null;
  return (
    <ul className={fieldStyles['field-fault']} role="alert">
      {places.slice(0, 8).map(([path, words]) => (
        <li key={path}>
          {path}: {words}
        </li>
      ))}
    </ul>
  );
}
