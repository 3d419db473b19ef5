import { capsulePath } from '@tropaeum/core/body/figure';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { Tempo } from '@tropaeum/core/dose/dose';
import type { Loading } from '@tropaeum/core/exercise/moments';
import { keyframeAt } from '@tropaeum/core/exercise/pacing';
import { type Ref, useEffect, useMemo, useRef } from 'react';
import type { FigureFrame, Held, Ring, Support } from './drawing';
import { type FigureFilm, type FigurePicture, figureFilm, figureStill, filmPace, weighedFilm } from './figure-frames';

const scale = 100;
export const usualSize: AthleteSize = { heightCm: 175, massKg: 70 };

interface FigureProps {
  variant: string;
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

const s = (value: number) => Math.round(value * scale * 10) / 10;

/** Drawn round its own foot; the group round it carries it to its place. */
function SupportShape({ kind, width, height }: Support) {
  const [w, h] = [s(width), s(height)];
  const shape = { fill: 'var(--edge)', stroke: 'var(--stone)', strokeWidth: 1 };
  switch (kind) {
    case 'round':
      return <circle cx={0} cy={-h / 2} r={h / 2} {...shape} />;
    case 'soft':
      return <rect x={-w / 2} y={-h} width={w} height={h} rx={h / 2} {...shape} />;
    case 'hold':
      return (
        <g {...shape}>
          <rect x={-w / 2} y={-h - 16} width={w} height="16" rx="3" />
          <rect x={-w / 2} y={-h} width="4" height={h} />
        </g>
      );
    case 'cloth':
      return <rect x={-w / 2} y={-h} width={w} height={h} fill="var(--laurel)" />;
    case 'seat':
      return (
        <g {...shape}>
          <rect x={-w / 2 + 3} y={-h} width="4" height={h} />
          <rect x={w / 2 - 7} y={-h} width="4" height={h} />
          <rect x={-w / 2} y={-h} width={w} height="9" />
        </g>
      );
    default:
      return <rect x={-w / 2} y={-h} width={w} height={h} {...shape} />;
  }
}

/** Drawn round where it is held, long things along x. */
function HeldShape({ shape, at, to }: Held) {
  const outline = { stroke: 'var(--paper)', strokeWidth: 1.5 };
  const long = to ? s(Math.hypot(to.x - at.x, to.y - at.y)) : 0;
  switch (shape) {
    case 'bag':
      return <rect x={-11} y={-9} width="22" height="24" rx="6" fill="var(--bronze)" {...outline} />;
    case 'bar':
      return <line x1={0} x2={long} stroke="var(--bronze)" strokeWidth="3.5" strokeLinecap="round" />;
    case 'rag':
      return <line x1={0} x2={long} stroke="var(--laurel)" strokeWidth="8" strokeLinecap="round" />;
    case 'ball':
      return <circle r="11" fill="var(--bronze)" {...outline} />;
    case 'wheel':
      return <circle r="10" fill="none" stroke="var(--bronze)" strokeWidth="4" />;
    case 'racket':
      return (
        <g stroke="var(--bronze)" fill="none" strokeWidth="3">
          <line x1={0} x2={long / 2} />
          <circle cx={long * 0.74} r="12" />
        </g>
      );
    case 'rope':
      return <path d="M0 0C55 30 45 86 -8 88C-55 86 -55 20 0 0" fill="none" stroke="var(--bronze)" strokeWidth="2" />;
    case 'cushion':
      return <rect x={-12} y={-8} width="24" height="16" rx="7" fill="var(--bronze)" {...outline} />;
    default:
      return (
        <g fill="var(--bronze)" {...outline}>
          <circle r="7.5" />
          <circle r="2.5" fill="var(--paper)" />
        </g>
      );
  }
}

const placeOfSupport = ({ x }: Support) => `translate(${s(x)} 0)`;
function placeOfHeld({ at, to }: Held): string {
  const turn = to ? (Math.atan2(at.y - to.y, to.x - at.x) * 180) / Math.PI : 0;
  return `translate(${s(at.x)} ${s(-at.y)})${to ? ` rotate(${turn.toFixed(1)})` : ''}`;
}
const endsOf = ({ from, to }: FigureFrame['lines'][number]) => ({
  x1: s(from.x),
  y1: s(-from.y),
  x2: s(to.x),
  y2: s(-to.y),
});

/** An arrow as one path, its head at the end. */
function arrowPath({ from, to }: FigureFrame['presses'][number]): string {
  const along = Math.atan2(to.y - from.y, to.x - from.x);
  const barb = (turn: number) =>
    `${s(to.x - 0.07 * Math.cos(along + turn))} ${s(-(to.y - 0.07 * Math.sin(along + turn)))}`;
  return `M${s(from.x)} ${s(-from.y)}L${s(to.x)} ${s(-to.y)}M${barb(0.5)}L${s(to.x)} ${s(-to.y)}L${barb(-0.5)}`;
}

/** A disc is as large as its joint works: area with the share of a typical most. */
function placeOfRing({ at, share }: Ring): string {
  return `translate(${s(at.x)} ${s(-at.y)}) scale(${(0.085 * scale * Math.sqrt(Math.min(share, 1.5))).toFixed(2)})`;
}

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
    const plain = moving ? figureFilm(variant, size, loaded) : undefined;
    return plain && weighed ? weighedFilm(plain, weighed) : plain;
  }, [moving, variant, size, loaded, weighed]);
  const svg = useRef<SVGSVGElement>(null);
  useEffect(() => {
    if (!film || !playing || at !== undefined || stillPlease()) return;
    const pace = filmPace(film, tempo);
    const started = performance.now();
    let [request, shown] = [0, -1];
    const tick = (now: number) => {
      const next = Math.round(keyframeAt(pace, (now - started) / 1000) * film.steps);
      const frame = film.frames[next];
      if (next !== shown && svg.current && frame) paint(svg.current, frame);
      shown = next;
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(request);
  }, [film, playing, at, tempo]);
  const picture = film ? pictureAt(film, at) : figureStill(variant, size, loaded);
  if (!picture) return <div className={className} {...spoken(name)} />;
  return <FigureDrawing drawn={svg} picture={picture} name={name} className={className} leastHeightM={leastHeightM} />;
}

/** A film where it stands: at a share of its way, or at the frame it begins with. */
function pictureAt(film: FigureFilm, at: number | undefined): FigurePicture | undefined {
  const last = film.frames.length - 1;
  const frame = film.frames[at === undefined ? Math.min(film.steps, last) : Math.round(at * last)];
  return frame && { frame, extent: film.extent, tinted: film.tinted };
}
