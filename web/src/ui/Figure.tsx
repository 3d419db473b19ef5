import { capsulePath } from '@tropaeum/core/body/figure';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { Tempo } from '@tropaeum/core/dose/dose';
import { keyframeAt } from '@tropaeum/core/exercise/pacing';
import { useEffect, useMemo, useState } from 'react';
import type { Held, Support } from './drawing';
import { type FigureFilm, type FigurePicture, figureFilm, figureStill, filmPace } from './figure-frames';

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
  className?: string;
}

const stillPlease = () => matchMedia('(prefers-reduced-motion: reduce)').matches;

/** The frame to show now; moves with the tempo while playing. */
function useFrame(film: FigureFilm | undefined, playing: boolean, tempo: Tempo | undefined): number {
  const [frame, setFrame] = useState(film ? Math.min(film.steps, film.frames.length - 1) : 0);
  const pace = useMemo(() => (film && playing ? filmPace(film, tempo) : undefined), [film, playing, tempo]);
  useEffect(() => {
    if (!film || !pace || stillPlease()) return;
    const started = performance.now();
    let request = 0;
    const tick = (now: number) => {
      setFrame(Math.round(keyframeAt(pace, (now - started) / 1000) * film.steps));
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(request);
  }, [film, pace]);
  return frame;
}

/** A figure beside its name says nothing of its own. */
const spoken = (name: string) => (name ? { role: 'img', 'aria-label': name } : { 'aria-hidden': true });

const s = (value: number) => Math.round(value * scale * 10) / 10;

function SupportDrawing({ kind, x, width, height }: Support) {
  const left = s(x - width / 2);
  const shape = { fill: 'var(--edge)', stroke: 'var(--stone)', strokeWidth: 1 };
  switch (kind) {
    case 'round':
      return <circle cx={s(x)} cy={s(-height / 2)} r={s(height / 2)} {...shape} />;
    case 'soft':
      return <rect x={left} y={s(-height)} width={s(width)} height={s(height)} rx={s(height / 2)} {...shape} />;
    case 'cloth':
      return <rect x={left} y={s(-height)} width={s(width)} height={s(height)} fill="var(--laurel)" />;
    case 'seat':
      return (
        <g {...shape}>
          <rect x={s(x - width / 2 + 0.03)} y={s(-height)} width="4" height={s(height)} />
          <rect x={s(x + width / 2 - 0.07)} y={s(-height)} width="4" height={s(height)} />
          <rect x={left} y={s(-height)} width={s(width)} height="9" />
        </g>
      );
    default:
      return <rect x={left} y={s(-height)} width={s(width)} height={s(height)} {...shape} />;
  }
}

function HeldDrawing({ shape, at, to }: Held) {
  const [x, y] = [s(at.x), s(-at.y)];
  const outline = { stroke: 'var(--paper)', strokeWidth: 1.5 };
  switch (shape) {
    case 'bag':
      return <rect x={x - 11} y={y - 9} width="22" height="24" rx="6" fill="var(--bronze)" {...outline} />;
    case 'bar':
      return (
        <line
          x1={x}
          y1={y}
          x2={s(to?.x ?? 0)}
          y2={s(-(to?.y ?? 0))}
          stroke="var(--bronze)"
          strokeWidth="3.5"
          strokeLinecap="round"
        />
      );
    case 'ball':
      return <circle cx={x} cy={y} r="11" fill="var(--bronze)" {...outline} />;
    case 'wheel':
      return <circle cx={x} cy={y} r="10" fill="none" stroke="var(--bronze)" strokeWidth="4" />;
    case 'racket': {
      const [hx, hy] = [s(to?.x ?? 0), s(-(to?.y ?? 0))];
      return (
        <g stroke="var(--bronze)" fill="none" strokeWidth="3">
          <line x1={x} y1={y} x2={(x + hx) / 2} y2={(y + hy) / 2} />
          <circle cx={x + (hx - x) * 0.74} cy={y + (hy - y) * 0.74} r="12" />
        </g>
      );
    }
    case 'rope':
      return (
        <path
          d={`M${x} ${y}C${x + 55} ${y + 30} ${x + 30} ${6} ${x - 8} ${4}C${x - 50} ${6} ${x - 55} ${y + 20} ${x} ${y}`}
          fill="none"
          stroke="var(--bronze)"
          strokeWidth="2"
        />
      );
    case 'cushion':
      return <rect x={x - 12} y={y - 8} width="24" height="16" rx="7" fill="var(--bronze)" {...outline} />;
    default:
      return (
        <g fill="var(--bronze)" {...outline}>
          <circle cx={x} cy={y} r="7.5" />
          <circle cx={x} cy={y} r="2.5" fill="var(--paper)" />
        </g>
      );
  }
}

interface DrawingProps {
  picture: FigurePicture;
  name: string;
  className?: string | undefined;
  /** A fault is drawn in one colour, so that nobody copies it. */
  wrong?: boolean | undefined;
  /** Metres that the picture is high at least, so that figures beside each other are of one size. */
  leastHeightM?: number | undefined;
}

/** One picture of the posed body: near limbs dark, far limbs lighter, what it works tinted; ground, supports, weights and bands drawn. */
export function FigureDrawing({ picture, name, className = '', wrong = false, leastHeightM = 0.75 }: DrawingProps) {
  const { frame, extent, tinted } = picture;
  const above = frame.view === 'above';
  const width = Math.max(extent.maxX - extent.minX, 0.9);
  const left = (extent.minX + extent.maxX) / 2 - width / 2 - 0.08;
  const top = (above ? extent.maxY : Math.max(extent.maxY, leastHeightM)) + 0.06;
  const bottom = above ? extent.minY - 0.06 : -0.07;
  return (
    <svg
      className={className}
      viewBox={`${s(left)} ${s(-top)} ${s(width + 0.16)} ${s(top - bottom)}`}
      {...spoken(name)}
      preserveAspectRatio={above ? 'xMidYMid meet' : 'xMidYMax meet'}
    >
      {frame.wallX !== undefined && (
        <line x1={s(frame.wallX)} x2={s(frame.wallX)} y1={s(-top)} y2="0" stroke="var(--stone)" strokeWidth="3" />
      )}
      {frame.supports.map((support, i) => (
        <SupportDrawing key={i} {...support} />
      ))}
      {frame.bar && <circle cx={s(frame.bar.x)} cy={s(-frame.bar.y)} r="4" fill="var(--bronze)" />}
      {!above && (
        <line x1={s(left)} x2={s(left + width + 0.16)} y1="1" y2="1" stroke="var(--bronze)" strokeWidth="2.5" />
      )}
      {frame.capsules.map((c, i) => (
        <path
          key={i}
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
      {frame.lines.map(({ from, to }, i) => (
        <line
          key={i}
          x1={s(from.x)}
          y1={s(-from.y)}
          x2={s(to.x)}
          y2={s(-to.y)}
          stroke="var(--bronze)"
          strokeWidth="3"
          strokeDasharray="6 3"
        />
      ))}
      {frame.held.map((held, i) => (
        <HeldDrawing key={i} {...held} />
      ))}
    </svg>
  );
}

/** A still picture until it plays: a grid of these costs one picture each. */
export function Figure({
  variant,
  name,
  size = usualSize,
  loaded = false,
  playing = false,
  tempo,
  at,
  leastHeightM,
  className,
}: FigureProps) {
  if (!playing && at === undefined) {
    const picture = figureStill(variant, size, loaded);
    return picture ? (
      <FigureDrawing picture={picture} name={name} className={className} leastHeightM={leastHeightM} />
    ) : (
      <div className={className} {...spoken(name)} />
    );
  }
  return (
    <MovingFigure
      variant={variant}
      name={name}
      size={size}
      loaded={loaded}
      playing={playing}
      {...(tempo ? { tempo } : {})}
      {...(at === undefined ? {} : { at })}
      {...(className ? { className } : {})}
      {...(leastHeightM ? { leastHeightM } : {})}
    />
  );
}

function MovingFigure({
  variant,
  name,
  size = usualSize,
  loaded = false,
  playing = false,
  tempo,
  at,
  leastHeightM,
  className,
}: FigureProps) {
  const film = figureFilm(variant, size, loaded);
  const moved = useFrame(film, playing && at === undefined, tempo);
  if (!film) return <div className={className} {...spoken(name)} />;
  const last = film.frames.length - 1;
  const frame = film.frames[Math.min(at === undefined ? moved : Math.round(at * last), last)];
  if (!frame) return null;
  return (
    <FigureDrawing
      picture={{ frame, extent: film.extent, tinted: film.tinted }}
      name={name}
      className={className}
      leastHeightM={leastHeightM}
    />
  );
}
