import { Radio, type RadioGroupProps } from 'antd';

interface ChoiceProps<Value extends string | number> extends Pick<
  RadioGroupProps,
  'className' | 'disabled' | 'optionType'
> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly onChange: (value: Value) => void;
}

/** One of a few, all of them in sight. */
export const Choice = <Value extends string | number>(props: ChoiceProps<Value>) => {
  const { label, options, onChange, ...group } = props;
  return (
    <Radio.Group
      {...group}
      aria-label={label}
      options={[...options]}
      onChange={({ target }) => {
        const chosen = options.find(({ value }) => value === target.value);
        if (chosen) onChange(chosen.value);
      }}
    />
  );
};
