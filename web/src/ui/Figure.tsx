import { capsulePath } from '@tropaeum/core/body/figure';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import { useEffect, useState } from 'react';
import { figureFilm } from './figure-frames';

const scale = 100;
const usualSize: AthleteSize = { heightCm: 175, massKg: 70 };

interface FigureProps {
  variant: string;
  name: string;
  size?: AthleteSize;
  loaded?: boolean;
  playing?: boolean;
  /** Seconds for one way, start to end. */
  seconds?: number;
  /** Share of the way, 0 to 1, when something else beats the time. */
  at?: number;
  className?: string;
}

function usePosition(frames: number, playing: boolean, seconds: number): number {
  const [position, setPosition] = useState(0);
  useEffect(() => {
    if (!playing || matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    const started = performance.now();
    let frame = 0;
    const tick = (now: number) => {
      const phase = ((now - started) / 1000 / seconds) % 2;
      const eased = 0.5 - 0.5 * Math.cos(Math.PI * phase);
      setPosition(Math.round(eased * (frames - 1)));
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [playing, frames, seconds]);
  return position;
}

/** A figure beside its name says nothing of its own. */
const spoken = (name: string) => (name ? { role: 'img', 'aria-label': name } : { 'aria-hidden': true });

/** The posed body, near limbs dark, far limbs lighter, what it works tinted; ground, supports, weights and bands drawn. */
export function Figure({
  variant,
  name,
  size = usualSize,
  loaded = false,
  playing = false,
  seconds = 1.4,
  at,
  className = '',
}: FigureProps) {
  const film = figureFilm(variant, size, loaded);
  const position = usePosition(film?.frames.length ?? 1, playing && at === undefined, seconds);
  if (!film) return <div className={className} {...spoken(name)} />;
  const moving = playing && at === undefined;
  const index = at !== undefined ? Math.round(at * (film.frames.length - 1)) : moving ? position : film.still;
  const frame = film.frames[Math.min(index, film.frames.length - 1)] ?? film.frames[0];
  if (!frame) return null;
  const { extent } = film;
  const width = Math.max(extent.maxX - extent.minX, 0.9);
  const middle = (extent.minX + extent.maxX) / 2;
  const left = middle - width / 2 - 0.08;
  const top = Math.max(extent.maxY, 0.75) + 0.06;
  const s = (value: number) => value * scale;
  return (
    <svg
      className={className}
      viewBox={`${s(left)} ${s(-top)} ${s(width + 0.16)} ${s(top + 0.07)}`}
      {...spoken(name)}
      preserveAspectRatio="xMidYMax meet"
    >
      {frame.wallX !== undefined && (
        <line x1={s(frame.wallX)} x2={s(frame.wallX)} y1={s(-top)} y2="0" stroke="var(--stone)" strokeWidth="3" />
      )}
      {frame.boxes.map((box, i) => (
        <rect
          key={i}
          x={s(box.x - box.width / 2)}
          y={s(-box.height)}
          width={s(box.width)}
          height={s(box.height)}
          fill="var(--edge)"
          stroke="var(--stone)"
          strokeWidth="1"
        />
      ))}
      {frame.bar && <circle cx={s(frame.bar.x)} cy={s(-frame.bar.y)} r="4" fill="var(--bronze)" />}
      <line x1={s(left)} x2={s(left + width + 0.16)} y1="1" y2="1" stroke="var(--bronze)" strokeWidth="2.5" />
      {frame.capsules.map((c, i) => (
        <path
          key={i}
          d={capsulePath(c, scale)}
          fill={film.tinted.has(c.part) && c.layer !== 'far' ? 'var(--oxide)' : `var(--limb-${c.layer})`}
        />
      ))}
      {frame.line && (
        <line
          x1={s(frame.line.from.x)}
          y1={s(-frame.line.from.y)}
          x2={s(frame.line.to.x)}
          y2={s(-frame.line.to.y)}
          stroke="var(--bronze)"
          strokeWidth="3"
          strokeDasharray="6 3"
        />
      )}
      {frame.weights.map((w, i) => (
        <circle key={i} cx={s(w.x)} cy={s(-w.y)} r="7" fill="var(--bronze)" stroke="var(--paper)" strokeWidth="1.5" />
      ))}
    </svg>
  );
}
