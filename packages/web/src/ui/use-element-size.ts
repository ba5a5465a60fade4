import { useLayoutEffect, useRef, useState } from 'react';

interface Size {
  readonly width: number;
  readonly height: number;
}

/** A ref to put on an element, and that element's inner size as it changes. */
export function useElementSize<Type extends HTMLElement>() {
  const ref = useRef<Type>(null);
  const [size, setSize] = useState<Size>({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size] as const;
}
