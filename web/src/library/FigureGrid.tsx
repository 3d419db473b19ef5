import { useVirtualizer } from '@tanstack/react-virtual';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import { levels } from '@tropaeum/core/exercise/model/vocabulary';
import { type KeyboardEvent, useLayoutEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useFreshSearch } from '../ui/address';
import { Figure, usualSize } from '../ui/Figure';
import { words } from '../ui/words';
import type { Shown } from './use-library';

const cellWidth = 168;
const cellHeight = 190;

interface GridProps {
  shown: readonly Shown[];
  /** What stands against each shipped variant for the chosen athlete. */
  reasons: ReadonlyMap<string, readonly string[]> | undefined;
  size?: AthleteSize;
  /** Filters in the address, carried along to the page of a variant. */
  query: string;
}

/** How demanding it is, as filled steps and in words. */
export function LevelSteps({ level }: { level: (typeof levels)[number] }) {
  const reached = levels.indexOf(level);
  return (
    <span className="inline-flex items-end gap-0.5" title={level} role="img" aria-label={`Level: ${level}`}>
      {levels.map((l, i) => (
        <span
          key={l}
          className={`inline-block w-1.5 ${i <= reached ? 'bg-bronze' : 'bg-edge'}`}
          style={{ height: 4 + i * 2.5 }}
        />
      ))}
    </span>
  );
}

function kitWords({ variant }: Shown): string {
  const { kit, anchors, partner, wall } = variant.needs;
  const parts = [
    ...kit.map((any) => words(any[0] ?? '')),
    ...(anchors.length ? ['anchor'] : []),
    ...(partner ? ['partner'] : []),
    ...(wall ? ['wall'] : []),
  ];
  return parts.length ? parts.join(', ') : 'no equipment';
}

function Cell({
  shown,
  reasons,
  size,
  query,
  index,
}: {
  shown: Shown;
  reasons: readonly string[];
  size: AthleteSize;
  query: string;
  index: number;
}) {
  const [looking, setLooking] = useState(false);
  const { variant, drawnAs, own } = shown;
  const barred = reasons.length > 0;
  const follow = useFreshSearch(`/library/${variant.id}`);
  return (
    <Link
      to={`/library/${variant.id}${query ? `?${query}` : ''}`}
      onClick={follow}
      data-cell={index}
      className="group block h-full border border-transparent px-2.5 pt-2 hover:border-stone hover:bg-lit focus-visible:bg-lit"
      onMouseEnter={() => setLooking(true)}
      onMouseLeave={() => setLooking(false)}
      onFocus={() => setLooking(true)}
      onBlur={() => setLooking(false)}
    >
      <Figure
        variant={drawnAs}
        name=""
        size={size}
        loaded={variant.load?.required ?? false}
        playing={looking}
        {...(variant.dose.tempo ? { tempo: variant.dose.tempo } : {})}
        leastHeightM={1.5}
        className={`pointer-events-none h-26 w-full ${barred ? 'opacity-50' : ''}`}
      />
      <span className="head mt-1.5 line-clamp-2 text-[0.92rem] leading-tight">
        {own && <span className="text-bronze">Custom: </span>}
        {variant.name}
      </span>
      <span className="mt-0.5 flex items-center justify-between gap-2 text-small text-quiet">
        <span className="truncate">{kitWords(shown)}</span>
        <LevelSteps level={variant.level} />
      </span>
      {barred && <span className="line-clamp-1 text-small text-oxide">{reasons[0]}</span>}
    </Link>
  );
}

/** All variants as figures; only what is in sight is drawn, and a figure moves when it is looked at. Arrow keys walk. */
export function FigureGrid({ shown, reasons, size = usualSize, query }: GridProps) {
  const scroller = useRef<HTMLElement>(null);
  const [columns, setColumns] = useState(5);
  useLayoutEffect(() => {
    const box = scroller.current;
    if (!box) return;
    const measure = () => setColumns(Math.max(1, Math.floor((box.clientWidth - 24) / cellWidth)));
    measure();
    const watcher = new ResizeObserver(measure);
    watcher.observe(box);
    return () => watcher.disconnect();
  }, []);
  const rows = useVirtualizer({
    count: Math.ceil(shown.length / columns),
    getScrollElement: () => scroller.current,
    estimateSize: () => cellHeight,
    overscan: 2,
  });
  const walk = (event: KeyboardEvent) => {
    const at = Number((event.target as HTMLElement).dataset.cell ?? Number.NaN);
    const step = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: columns, ArrowUp: -columns }[event.key];
    if (step === undefined || Number.isNaN(at)) return;
    event.preventDefault();
    const to = Math.min(Math.max(at + step, 0), shown.length - 1);
    rows.scrollToIndex(Math.floor(to / columns));
    requestAnimationFrame(() => scroller.current?.querySelector<HTMLElement>(`[data-cell="${to}"]`)?.focus());
  };
  return (
    <section
      ref={scroller}
      aria-label="Exercises"
      className="min-w-0 flex-1 overflow-y-auto px-3 py-3"
      data-grid
      onKeyDown={walk}
    >
      <div className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => (
          <div
            key={row.key}
            className="absolute inset-x-0 grid"
            style={{
              height: cellHeight,
              transform: `translateY(${row.start}px)`,
              gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
            }}
          >
            {shown.slice(row.index * columns, (row.index + 1) * columns).map((s, i) => (
              <Cell
                key={s.variant.id}
                shown={s}
                index={row.index * columns + i}
                reasons={reasons?.get(s.variant.id) ?? []}
                size={size}
                query={query}
              />
            ))}
          </div>
        ))}
      </div>
    </section>
  );
}
