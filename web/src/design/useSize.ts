import { useCallback, useRef, useState } from 'react';

interface Size {
  width: number;
  height: number;
}

const STEP = 4;
const LEAST = 40;
const MOST = 800;

const fitting = (length: number, most: number) => Math.min(most, Math.max(LEAST, Math.round(length / STEP) * STEP));

/** The size of an element in whole pixels up to a most, for a picture made to measure; the first guess holds until it is laid out. */
export function useSize(guess: Size, most = MOST): [(element: HTMLElement | null) => void, Size] {
  const [size, setSize] = useState(guess);
  const observer = useRef<ResizeObserver | null>(null);
  const ref = useCallback(
    (element: HTMLElement | null) => {
      observer.current?.disconnect();
      if (element) {
        observer.current = new ResizeObserver(() => {
          const next = { width: fitting(element.clientWidth, most), height: fitting(element.clientHeight, most) };
          setSize((now) => (now.width === next.width && now.height === next.height ? now : next));
        });
        observer.current.observe(element);
      }
    },
    [most],
  );
  return [ref, size];
}
