import { useEffect, useRef, useState, type ComponentProps } from 'react';
import { Figure } from './Figure.js';

/** A figure that is drawn when it comes near the screen: a page of two hundred opens at once. */
export function LazyFigure(props: ComponentProps<typeof Figure>) {
  const box = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    const watcher = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) setNear(true);
      },
      { rootMargin: '300px' },
    );
    watcher.observe(box.current!);
    return () => watcher.disconnect();
  }, []);
  const { width = 112, height = 96 } = props;
  return (
    <div ref={box} className={props.className} style={{ aspectRatio: `${width} / ${height}` }}>
      {near && <Figure {...props} className="size-full" />}
    </div>
  );
}
