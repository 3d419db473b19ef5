import type { FigureFrame, Held, Ring, Support } from './drawing';

/** Drawn centimetres a metre. */
export const scale = 100;
export const s = (value: number) => Math.round(value * scale * 10) / 10;

/** Drawn round its own foot; the group round it carries it to its place. */
export function SupportShape({ kind, width, height }: Support) {
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
export function HeldShape({ shape, at, to }: Held) {
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

export const placeOfSupport = ({ x }: Support) => `translate(${s(x)} 0)`;
export function placeOfHeld({ at, to }: Held): string {
  const turn = to ? (Math.atan2(at.y - to.y, to.x - at.x) * 180) / Math.PI : 0;
  return `translate(${s(at.x)} ${s(-at.y)})${to ? ` rotate(${turn.toFixed(1)})` : ''}`;
}
export const endsOf = ({ from, to }: FigureFrame['lines'][number]) => ({
  x1: s(from.x),
  y1: s(-from.y),
  x2: s(to.x),
  y2: s(-to.y),
});

/** An arrow as one path, its head at the end. */
export function arrowPath({ from, to }: FigureFrame['presses'][number]): string {
  const along = Math.atan2(to.y - from.y, to.x - from.x);
  const barb = (turn: number) =>
    `${s(to.x - 0.07 * Math.cos(along + turn))} ${s(-(to.y - 0.07 * Math.sin(along + turn)))}`;
  return `M${s(from.x)} ${s(-from.y)}L${s(to.x)} ${s(-to.y)}M${barb(0.5)}L${s(to.x)} ${s(-to.y)}L${barb(-0.5)}`;
}

/** A disc is as large as its joint works: area with the share of a typical most. */
export function placeOfRing({ at, share }: Ring): string {
  return `translate(${s(at.x)} ${s(-at.y)}) scale(${(0.085 * scale * Math.sqrt(Math.min(share, 1.5))).toFixed(2)})`;
}
