import { capsulePath } from '@tropaeum/core/body/figure';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { Tempo } from '@tropaeum/core/dose/dose';
import type { Loading } from '@tropaeum/core/exercise/mechanics/loading';
import { keyframeAt } from '@tropaeum/core/exercise/mechanics/pacing';
import { type Ref, useEffect, useLayoutEffect, useMemo, useRef } from 'react';
import type { FigureFrame } from './drawing';
import {
  type FigureFilm,
  type FigurePicture,
  figureFilm,
  figureStill,
  filmPace,
  type OwnPoses,
  weighedFilm,
} from './figure-frames';
import {
  arrowPath,
  endsOf,
  HeldShape,
  placeOfHeld,
  placeOfRing,
  placeOfSupport,
  SupportShape,
  s,
  scale,
} from './figure-shapes';

export const usualSize: AthleteSize = { heightCm: 175, massKg: 70 };

interface FigureProps {
  variant: string;
  /** Poses of this athlete, where a restriction has changed them. */
  poses?: OwnPoses;
  name: string;
  size?: AthleteSize;
  loaded?: boolean;
  playing?: boolean;
  /** How fast it moves; the exercise's own way when left out. */
  tempo?: Tempo;
  /** Share of the way, 0 to 1, when something else beats the time. */
  at?: number;
  leastHeightM?: number;
  /** Joints are drawn as large as they work under this load. */
  weighed?: Loading;
  className?: string;
}

const stillPlease = () => matchMedia('(prefers-reduced-motion: reduce)').matches;

/** A figure beside its name says nothing of its own. */
const spoken = (name: string) => (name ? { role: 'img', 'aria-label': name } : { 'aria-hidden': true });

/** Moves what is drawn to another frame of the same film, past React: sixty times a second must not keep the page from answering. */
function paint(svg: SVGSVGElement, frame: FigureFrame): void {
  const all = (name: string) => svg.querySelectorAll<SVGElement>(`[data-${name}]`);
  const set = (name: string, i: number, attributes: Record<string, string | number>) => {
    const element = all(name)[i];
    for (const [key, value] of Object.entries(attributes)) element?.setAttribute(key, String(value));
  };
  const limbs = all('limb');
  frame.capsules.forEach((c, i) => {
    limbs[i]?.setAttribute('d', capsulePath(c, scale));
  });
  frame.lines.forEach((line, i) => {
    set('line', i, endsOf(line));
  });
  frame.presses.forEach((press, i) => {
    set('press', i, { d: arrowPath(press) });
  });
  frame.held.forEach((held, i) => {
    set('held', i, { transform: placeOfHeld(held) });
  });
  frame.rings?.forEach((ring, i) => {
    set('ring', i, { transform: placeOfRing(ring) });
  });
  frame.supports.forEach((support, i) => {
    set('support', i, { transform: placeOfSupport(support) });
  });
}

interface DrawingProps {
  drawn?: Ref<SVGSVGElement>;
  picture: FigurePicture;
  name: string;
  className?: string | undefined;
  /** A fault is drawn in one colour, so that nobody copies it. */
  wrong?: boolean | undefined;
  /** Metres that the picture is high at least, so that figures beside each other are of one size. */
  leastHeightM?: number | undefined;
}

/** One picture of the posed body: near limbs dark, far limbs lighter, what it works tinted; ground, supports, weights and bands drawn. */
export function FigureDrawing({
  drawn,
  picture,
  name,
  className = '',
  wrong = false,
  leastHeightM = 0.75,
}: DrawingProps) {
  const { frame, extent, tinted } = picture;
  const above = frame.view === 'above';
  const width = Math.max(extent.maxX - extent.minX, 0.9);
  const left = (extent.minX + extent.maxX) / 2 - width / 2 - 0.08;
  const top = (above ? extent.maxY : Math.max(extent.maxY, leastHeightM)) + 0.06;
  const bottom = above ? extent.minY - 0.06 : -0.07;
  return (
    <svg
      ref={drawn}
      className={className}
      viewBox={`${s(left)} ${s(-top)} ${s(width + 0.16)} ${s(top - bottom)}`}
      {...spoken(name)}
      preserveAspectRatio={above ? 'xMidYMid meet' : 'xMidYMax meet'}
    >
      {frame.wallX !== undefined && (
        <line x1={s(frame.wallX)} x2={s(frame.wallX)} y1={s(-top)} y2="0" stroke="var(--stone)" strokeWidth="3" />
      )}
      {frame.supports.map((support, i) => (
        <g key={i} data-support transform={placeOfSupport(support)}>
          <SupportShape {...support} />
        </g>
      ))}
      {!above && (
        <line x1={s(left)} x2={s(left + width + 0.16)} y1="1" y2="1" stroke="var(--bronze)" strokeWidth="2.5" />
      )}
      {frame.capsules.map((c, i) => (
        <path
          key={i}
          data-limb
          d={capsulePath(c, scale)}
          {...(above && c.layer !== 'far' ? { stroke: 'var(--paper)', strokeWidth: 1 } : {})}
          fill={
            wrong
              ? c.layer === 'far'
                ? 'var(--stone)'
                : 'var(--oxide)'
              : tinted.has(c.part) && c.layer !== 'far'
                ? 'var(--oxide)'
                : `var(--limb-${c.layer})`
          }
        />
      ))}
      {frame.rings?.map((ring, i) => (
        <circle
          key={i}
          data-ring
          r="1"
          transform={placeOfRing(ring)}
          fill="var(--oxide)"
          stroke="var(--lit)"
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {frame.bar && (
        <circle
          cx={s(frame.bar.x)}
          cy={s(-frame.bar.y)}
          r="5"
          fill="var(--bronze)"
          stroke="var(--paper)"
          strokeWidth="1"
        />
      )}
      {frame.lines.map((line, i) => (
        <line key={i} data-line {...endsOf(line)} stroke="var(--bronze)" strokeWidth="3" strokeDasharray="6 3" />
      ))}
      {frame.presses.map((press, i) => (
        <path
          key={i}
          data-press
          d={arrowPath(press)}
          fill="none"
          stroke="var(--bronze)"
          strokeWidth="4"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
      {frame.held.map((held, i) => (
        <g key={i} data-held transform={placeOfHeld(held)}>
          <HeldShape {...held} />
        </g>
      ))}
    </svg>
  );
}

/** A still picture until it plays: a grid of these costs one picture each, and what is drawn stays the same element. */
export function Figure({
  variant,
  poses,
  name,
  size = usualSize,
  loaded = false,
  playing = false,
  tempo,
  at,
  leastHeightM,
  weighed,
  className = '',
}: FigureProps) {
  const moving = playing || at !== undefined;
  const film = useMemo(() => {
    const plain = moving ? figureFilm(variant, size, loaded, poses) : undefined;
    return plain && weighed ? weighedFilm(plain, weighed) : plain;
  }, [moving, variant, size, loaded, poses, weighed]);
  const svg = useRef<SVGSVGElement>(null);
  const moved = useRef(false);
  useEffect(() => {
    if (!film || !playing || at !== undefined || stillPlease()) return;
    const pace = filmPace(film, tempo);
    const started = performance.now();
    let [request, shown] = [0, -1];
    const tick = (now: number) => {
      const next = Math.round(keyframeAt(pace, (now - started) / 1000) * film.steps);
      const frame = film.frames[next];
      if (next !== shown && svg.current && frame) {
        paint(svg.current, frame);
        moved.current = true;
      }
      shown = next;
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(request);
  }, [film, playing, at, tempo]);
  const picture = film ? pictureAt(film, at) : figureStill(variant, size, loaded, poses);
  // React does not know where the figure has been moved to: when it stops, it is put back.
  useLayoutEffect(() => {
    if (!moved.current || (playing && at === undefined) || !svg.current || !picture) return;
    paint(svg.current, picture.frame);
    moved.current = false;
  });
  if (!picture) return <div className={className} {...spoken(name)} />;
  return <FigureDrawing drawn={svg} picture={picture} name={name} className={className} leastHeightM={leastHeightM} />;
}

/** A film where it stands: at a share of its way, or at the frame it begins with. */
function pictureAt(film: FigureFilm, at: number | undefined): FigurePicture | undefined {
  const last = film.frames.length - 1;
  const frame = film.frames[at === undefined ? Math.min(film.steps, last) : Math.round(at * last)];
  return frame && { frame, extent: film.extent, tinted: film.tinted };
}
