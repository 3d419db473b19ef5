import { type BandCurve, typicalCurve } from '@tropaeum/core/body/band';
import { scaledBody } from '@tropaeum/core/body/segments';
import { bandOverRange } from '@tropaeum/core/exercise/mechanics/band-range';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { describeItem } from '@tropaeum/core/kit/kit-words';
import { bandCurve } from '@tropaeum/core/kit/loads';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { Part } from './Part';

const [wide, high] = [300, 40];

/** Bands of this athlete that fit; a medium one where there are none or nobody is chosen. */
function bandsOf(variant: Variant, brief: Brief | undefined): { name: string; curve: BandCurve }[] {
  const kinds = variant.needs.kit.flat();
  const owned = (brief?.kit.items ?? [])
    .filter((item) => kinds.includes(item.kind))
    .flatMap((item) => {
      const curve = bandCurve(item);
      return curve ? [{ name: `${describeItem(item)}${item.measured ? ', measured' : ', typical force'}`, curve }] : [];
    });
  return owned.length ? owned : [{ name: 'a medium band, typical force', curve: typicalCurve('medium') }];
}

/** How hard a band pulls from the start of a repetition to its end. */
export function BandRange({
  variant,
  brief,
  athlete,
}: {
  variant: Variant;
  brief: Brief | undefined;
  athlete: Brief['athlete'];
}) {
  if (!variant.line || variant.line.resist !== undefined) return null;
  const body = scaledBody(athlete);
  const bands = bandsOf(variant, brief).map((band) => ({ ...band, pulls: bandOverRange(variant, body, band.curve) }));
  const most = Math.max(...bands.flatMap((b) => b.pulls.map((p) => p.forceN)));
  // Seen from the side a band between the two hands has no length.
  if (most === 0) return null;
  return (
    <Part title="Band force" note="· N, start to end of the range">
      {bands.map(({ name, curve, pulls }) => {
        const [first, last] = [pulls[0]?.forceN ?? 0, pulls.at(-1)?.forceN ?? 0];
        const points = pulls.map(
          (p) => `${(p.share * wide).toFixed(1)},${(high - (p.forceN / most) * (high - 3)).toFixed(1)}`,
        );
        return (
          <div key={name} className="grid grid-cols-[1fr_auto] items-center gap-3 border-b border-edge py-1">
            <svg
              viewBox={`0 0 ${wide} ${high}`}
              className="h-10 w-full"
              role="img"
              aria-label={`${Math.round(first)} to ${Math.round(last)} newtons`}
            >
              <polygon points={`0,${high} ${points.join(' ')} ${wide},${high}`} fill="var(--edge)" />
              <polyline points={points.join(' ')} fill="none" stroke="var(--ink)" strokeWidth={1.6} />
            </svg>
            <span className="w-52 text-[0.88rem] leading-tight">
              <span className="dose">
                {Math.round(first)} to {Math.round(last)} N
              </span>
              <span className="block text-quiet">
                {name}, ±{Math.round(curve.off * 100)} %
              </span>
            </span>
          </div>
        );
      })}
    </Part>
  );
}
