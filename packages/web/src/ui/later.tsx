import { lazy, Suspense, type ComponentType } from 'react';

/** A part that is loaded when it is first shown; nothing stands in its place meanwhile. */
export function later<Name extends string, Props extends object>(
  load: () => Promise<Record<Name, ComponentType<Props>>>,
  name: Name,
): ComponentType<Props> {
  const Part = lazy(async () => ({ default: (await load())[name] as ComponentType<object> }));
  return function Later(props: Props) {
    return (
      <Suspense>
        <Part {...props} />
      </Suspense>
    );
  };
}
