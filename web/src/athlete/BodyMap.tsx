import type { Region } from '@tropaeum/core/exercise/model/vocabulary';
import { partWords } from '../ui/words';

export interface Spot {
  region: Region;
  side?: 'left' | 'right';
}

/** Where each part is on the drawing, shares of its width and height; parts with two sides are given on the right of the body. */
const spots: readonly { region: Region; view: 'front' | 'back'; x: number; y: number }[] = [
  { region: 'neck', view: 'back', x: 0.5, y: 0.13 },
  { region: 'upper-back', view: 'back', x: 0.5, y: 0.28 },
  { region: 'lower-back', view: 'back', x: 0.5, y: 0.42 },
  { region: 'shoulder', view: 'front', x: 0.27, y: 0.2 },
  { region: 'elbow', view: 'front', x: 0.16, y: 0.33 },
  { region: 'wrist', view: 'front', x: 0.08, y: 0.53 },
  { region: 'hip', view: 'front', x: 0.24, y: 0.45 },
  { region: 'groin', view: 'front', x: 0.36, y: 0.58 },
  { region: 'knee', view: 'front', x: 0.34, y: 0.72 },
  { region: 'ankle', view: 'front', x: 0.37, y: 0.9 },
  { region: 'hamstring', view: 'back', x: 0.64, y: 0.62 },
  { region: 'calf', view: 'back', x: 0.63, y: 0.78 },
  { region: 'foot', view: 'back', x: 0.64, y: 0.95 },
];
const middle: ReadonlySet<Region> = new Set<Region>(['neck', 'upper-back', 'lower-back']);

/** Seen from the front, the right of the body is on the left. */
function placed({ region, view, x, y }: (typeof spots)[number]): (Spot & { x: number; y: number; view: string })[] {
  if (middle.has(region)) return [{ region, view, x, y }];
  const other = 1 - x;
  const [right, left] =
    view === 'front' ? [Math.min(x, other), Math.max(x, other)] : [Math.max(x, other), Math.min(x, other)];
  return [
    { region, side: 'right', view, x: right, y },
    { region, side: 'left', view, x: left, y },
  ];
}
const all = spots.flatMap(placed);

function Outline() {
  return (
    <svg viewBox="0 0 160 340" className="h-full w-full" aria-hidden="true">
      <g fill="var(--lit)" stroke="var(--stone)" strokeWidth="2">
        <circle cx="80" cy="22" r="18" />
        <path d="M52 50 Q80 40 108 50 L120 66 L134 120 L146 172 L136 176 L122 130 L112 96 L110 150 L116 190 L110 250 L106 318 L92 322 L88 250 L80 196 L72 250 L68 322 L54 318 L50 250 L44 190 L50 150 L48 96 L38 130 L24 176 L14 172 L26 120 L40 66 Z" />
      </g>
    </svg>
  );
}

/** Where it hurts, by touch: a body from the front and from behind, each part a button with its name and side. */
export function BodyMap({ chosen, onChoose }: { chosen: readonly Spot[]; onChoose: (spot: Spot) => void }) {
  return (
    <div className="mx-auto mt-2 grid max-w-md grid-cols-2 gap-2">
      {(['front', 'back'] as const).map((view) => (
        <figure key={view} className="m-0">
          <div className="relative mx-auto aspect-[160/340] w-full max-w-[190px]">
            <Outline />
            {all
              .filter((spot) => spot.view === view)
              .map(({ region, side, x, y }) => {
                const isOn = chosen.some((one) => one.region === region && one.side === side);
                return (
                  <button
                    key={`${region} ${side ?? ''}`}
                    type="button"
                    aria-pressed={isOn}
                    aria-label={partWords({ region, ...(side ? { side } : {}) })}
                    className="absolute grid size-11 -translate-1/2 place-items-center"
                    style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
                    onClick={() => onChoose({ region, ...(side ? { side } : {}) })}
                  >
                    <span
                      className={`size-6 rounded-full border-2 ${isOn ? 'border-oxide bg-oxide' : 'border-ink bg-paper'}`}
                    />
                  </button>
                );
              })}
          </div>
          <figcaption className="label text-center text-[0.8rem]">{view === 'front' ? 'Front' : 'Behind'}</figcaption>
        </figure>
      ))}
    </div>
  );
}
