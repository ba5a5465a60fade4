import { lengthInWords } from '@water-clock/core/words';
import { LENGTH_HINT, parseLength } from '../format/lengths';
import { wanting } from './keys-wanted';
import { TypedInput } from './typed-input';
import { useTypedText } from './use-typed-text';

interface LengthInputProps {
  readonly id?: string;
  readonly label?: string;
  readonly seconds: number;
  readonly leastSeconds: number;
  readonly mostSeconds: number;
  readonly width?: number | string;
  readonly onChange: (seconds: number) => void;
}

/** A length that is typed as people say it, "3 min", "90s", "1:30", and shown in words. */
export function LengthInput(props: LengthInputProps) {
  const { id, label, seconds, leastSeconds, mostSeconds, width = '100%', onChange } = props;
  const typed = useTypedText({
    shown: lengthInWords(seconds),
    take: (text) => {
      const read = parseLength(text);
      if (read === undefined || read === null) return LENGTH_HINT;
      if (read < leastSeconds || read > mostSeconds)
        return `${lengthInWords(leastSeconds)} to ${lengthInWords(mostSeconds)}`;
      onChange(read);
      return null;
    },
  });
  return (
    <TypedInput
      {...{ id, label, typed }}
      {...wanting('length')}
      classNames={{ input: 'figures' }}
      style={{ width }}
    />
  );
}
