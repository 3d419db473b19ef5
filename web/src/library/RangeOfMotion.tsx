import { momentNames } from '@tropaeum/core/body/moment-names';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import { scaledBody } from '@tropaeum/core/body/segments';
import { printDose } from '@tropaeum/core/dose/notation';
import type { Loading } from '@tropaeum/core/exercise/mechanics/loading';
import { momentsOverRange, staticsOf } from '@tropaeum/core/exercise/mechanics/moments';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { variantSpace } from '@tropaeum/core/kit/feasible';
import type { LoadOption } from '@tropaeum/core/kit/load-option';
import { Pause, Play } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Figure } from '../ui/Figure';
import { shownInUnits } from '../ui/units';
import { percent } from '../ui/words';
import { LevelSteps } from './FigureGrid';
import { MomentPlot } from './MomentPlot';
import { Part } from './Part';

/** Moments smaller than this are not worth a line, N m. */
const noticeableNm = 2;
const maxLines = 4;

/** The moments that a movement is about: the largest, and turning of the upper arm only where it is meant. */
function plottedOf(variant: Variant, range: ReturnType<typeof momentsOverRange>) {
  const turns = variant.jointActions.some((a) => a.action.endsWith('rotation') && a.joint === 'shoulder');
  const grips = variant.jointActions.some((a) => a.action === 'grip');
  return momentNames
    .filter((name) => (name !== 'shoulder-turn' || turns) && (name !== 'grip' || grips))
    .map((name) => ({ name, peak: Math.max(...range.map((r) => r.moments[name])) }))
    .filter((m) => m.peak > noticeableNm)
    .sort((a, b) => b.peak - a.peak)
    .slice(0, maxLines)
    .map((m) => m.name);
}

interface RangeProps {
  variant: Variant;
  /** The shipped variant that is drawn. */
  drawnAs: string;
  athlete: AthleteSize;
  /** Whose body it is. */
  whose: string;
  loads: readonly LoadOption[];
  usualKg: number;
  kg: number;
  onKg: (kg: number) => void;
}

/** The moving figure with its joints as large as they work, stopped anywhere on the way, over the plot of what they hold. */
export function RangeOfMotion({ variant, drawnAs, athlete, whose, loads, usualKg, kg, onKg }: RangeProps) {
  const [at, setAt] = useState<number>();
  const loading = useMemo<Loading>(() => ({ loadKg: kg }), [kg]);
  const range = useMemo(() => momentsOverRange(variant, scaledBody(athlete), loading), [variant, athlete, loading]);
  const plotted = useMemo(() => plottedOf(variant, range), [range, variant]);
  const space = useMemo(() => variantSpace(variant, scaledBody(athlete)), [variant, athlete]);
  return (
    <div>
      <div className="bg-sheet px-3 pt-3">
        <Figure
          variant={drawnAs}
          name={`${variant.name}, moving; discs show how hard each joint works`}
          size={athlete}
          loaded={kg > 0}
          playing={at === undefined}
          {...(at === undefined ? {} : { at })}
          weighed={loading}
          {...(variant.dose.tempo ? { tempo: variant.dose.tempo } : {})}
          className="h-64 w-full"
        />
        <div className="flex items-center gap-3 pt-1 pb-2">
          <button
            type="button"
            className="key key-plain"
            aria-label={at === undefined ? 'Pause' : 'Play'}
            onClick={() => setAt(at === undefined ? 0 : undefined)}
          >
            {at === undefined ? <Pause size={15} /> : <Play size={15} />}
          </button>
          <input
            type="range"
            className="flex-1 accent-[var(--bronze)]"
            aria-label="Position in the range"
            min={0}
            max={100}
            value={Math.round((at ?? 0) * 100)}
            onChange={(e) => setAt(Number(e.target.value) / 100)}
          />
        </div>
      </div>
      <p className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-small text-quiet">
        <span className="dose text-ink">{printDose(variant.dose)}</span>
        <span className="inline-flex items-center gap-1.5">
          <LevelSteps level={variant.level} /> {variant.level}
        </span>
        <span>
          takes {space.lengthM.toFixed(1)} × {space.widthM.toFixed(1)} m, {space.heightM.toFixed(2)} m high
        </span>
      </p>
      <Part title="Joint moments over the range" note={`· ${whose}${kg > 0 ? `, ${kg} kg` : ''}`}>
        {variant.load?.source === 'weight' && (
          <label className="mt-1 inline-flex items-center gap-2 text-small">
            Load
            <select className="field h-7 w-44" value={kg} onChange={(e) => onKg(Number(e.target.value))}>
              {[
                ...(variant.load.required ? [] : [{ kg: 0, with: 'body weight' }]),
                ...(loads.length ? loads : [{ kg: usualKg || 5, with: `${usualKg || 5} kg` }]),
              ].map((o) => (
                <option key={o.kg + o.with} value={o.kg}>
                  {shownInUnits(o.with)}
                </option>
              ))}
            </select>
          </label>
        )}
        <MomentPlot
          range={range}
          names={plotted}
          start={variant.keyframes[0]?.name ?? ''}
          end={variant.keyframes.at(-1)?.name ?? ''}
          {...(at === undefined ? {} : { at })}
        />
      </Part>
      <Part title="Weight distribution" note="· slow or static">
        <Contacts variant={variant} athlete={athlete} loading={loading} />
      </Part>
    </div>
  );
}

function Contacts({ variant, athlete, loading }: { variant: Variant; athlete: AthleteSize; loading: Loading }) {
  const rows = staticsOf(variant, scaledBody(athlete), loading).map((f, i) => ({
    name: variant.keyframes[i]?.name ?? String(i + 1),
    shares: f.shares.filter((s) => Math.abs(s.share) >= 0.005),
  }));
  if (variant.view === 'above' || rows.every((r) => r.shares.length === 0))
    return <p className="text-quiet">Seen from above: all weight is on the feet.</p>;
  return (
    <table className="mt-1 w-full text-[0.9rem]">
      <tbody>
        {rows.map((row) => (
          <tr key={row.name} className="border-t border-edge">
            <th className="py-0.5 pr-3 text-left font-normal text-quiet">{row.name}</th>
            <td className="text-right">
              {row.shares.length ? row.shares.map((s) => `${s.contact} ${percent(s.share)}`).join(', ') : 'in the air'}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
