import { bandForceN, setUp } from '@tropaeum/core/body/band';
import { BandFitError, type BandReading, fitBand, parseReadings, ReadingsError } from '@tropaeum/core/kit/band-fit';
import type { KitItem } from '@tropaeum/core/kit/kit';
import { describeItem } from '@tropaeum/core/kit/kit-words';
import { bandCurve } from '@tropaeum/core/kit/loads';
import { useState } from 'react';
import { useDevice } from '../devices/listening';
import { type PartProps, Section } from '../ui/Section';
import { shownInUnits } from '../ui/units';
import { percent } from '../ui/words';
import { BandPlot } from './BandPlot';

const bandKinds = new Set(['band-long', 'band-loop', 'inner-tube', 'tights']);
const shownStretch = 2;

/** Bands with the curve they follow: typical of their name, or measured here. */
export function BandSection({ brief, change }: PartProps) {
  const [measuring, setMeasuring] = useState<number>();
  const { kit } = brief;
  const bands = kit.items.flatMap((item, place) => (bandKinds.has(item.kind) ? [{ item, place }] : []));
  if (bands.length === 0) return null;
  const put = (place: number, item: KitItem) =>
    change({ kit: { ...kit, items: kit.items.map((old, i) => (i === place ? item : old)) } });
  return (
    <Section title="Bands">
      {bands.map(({ item, place }) => (
        <div key={place} className="border-t border-edge py-1.5 first:border-t-0">
          <Band
            item={item}
            measuring={measuring === place}
            onMeasure={() => setMeasuring(measuring === place ? undefined : place)}
          />
          {measuring === place && (
            <Measure
              item={item}
              onDone={(measured) => {
                const { measured: _, ...bare } = item;
                put(place, measured ? { ...bare, measured } : bare);
                setMeasuring(undefined);
              }}
            />
          )}
        </div>
      ))}
    </Section>
  );
}

function Band({ item, measuring, onMeasure }: { item: KitItem; measuring: boolean; onMeasure: () => void }) {
  const curve = bandCurve(item);
  const doubled = curve && setUp(curve, { kind: 'doubled' });
  return (
    <>
      <p className="flex items-baseline justify-between gap-2 text-[0.88rem]">
        <b>{shownInUnits(describeItem(item))}</b>
        <button type="button" className="text-[0.82rem] underline" aria-expanded={measuring} onClick={onMeasure}>
          {measuring ? 'Cancel' : item.measured ? 'Measure again' : 'Measure'}
        </button>
      </p>
      {curve && doubled ? (
        <>
          <BandPlot curve={curve} {...(item.measured ? { readings: item.measured } : {})} />
          <p className="text-[0.78rem] leading-tight text-quiet">
            {item.measured ? 'Measured' : 'Typical for this label'}: {Math.round(bandForceN(curve, shownStretch))} N at
            twice its length, ±{percent(curve.off)}; doubled {Math.round(bandForceN(doubled, shownStretch))} N.
            {!item.measured && ' Dosed by reps in reserve until you measure it.'}
          </p>
        </>
      ) : (
        <p className="text-[0.78rem] leading-tight text-quiet">Force unknown: dosed by reps in reserve.</p>
      )}
    </>
  );
}

/** Readings typed, or taken one by one from the hanging scale. */
function Measure({ item, onDone }: { item: KitItem; onDone: (measured?: KitItem['measured']) => void }) {
  const known = item.measured;
  const [restCm, setRestCm] = useState(known ? String(Math.round(known.restM * 100)) : '');
  const [text, setText] = useState(
    known?.readings.map((r) => `${Math.round(r.lengthM * 100)} cm ${r.forceN} N`).join(', ') ?? '',
  );
  const [lengthCm, setLengthCm] = useState('');
  const [fault, setFault] = useState('');
  const scale = useDevice<{ forceN: number }>('hanging-scale');
  const keep = () => {
    try {
      const restM = Number(restCm.replace(',', '.')) / 100;
      const readings: BandReading[] = parseReadings(text);
      fitBand(readings, restM);
      onDone({ restM, readings });
    } catch (error) {
      if (!(error instanceof BandFitError || error instanceof ReadingsError)) throw error;
      setFault(error.message);
    }
  };
  const take = () => {
    if (scale.state.kind !== 'reading' || !(Number(lengthCm.replace(',', '.')) > 0)) return;
    const reading = `${lengthCm.trim()} cm ${scale.state.latest.forceN} N`;
    setText((t) => (t.trim() ? `${t.trim()}, ${reading}` : reading));
    setLengthCm('');
  };
  return (
    <form
      className="mt-1.5 space-y-1.5 bg-sheet p-2"
      onSubmit={(e) => {
        e.preventDefault();
        keep();
      }}
    >
      <label className="flex items-center justify-between gap-2 text-[0.84rem]">
        Slack length, cm
        <input
          aria-label="Slack length, cm"
          inputMode="decimal"
          className="field h-7 w-20"
          value={restCm}
          onChange={(e) => setRestCm(e.target.value)}
        />
      </label>
      <label className="block text-[0.84rem]">
        Readings, three or more
        <textarea
          aria-label="Readings"
          className="field h-14 py-1 leading-tight"
          placeholder="120 cm 2.1 kg, 160 cm 4 kg, 190 cm 5.2 kg"
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </label>
      {scale.state.kind === 'off' || scale.state.kind === 'lost' ? (
        <p className="text-[0.82rem]">
          {scale.state.kind === 'lost' && <span className="text-oxide">No reading from the scale. </span>}
          <button type="button" className="underline" onClick={scale.start}>
            Connect a hanging scale
          </button>
        </p>
      ) : (
        <div className="flex items-center gap-1.5 text-[0.84rem]">
          <span className="dose w-16" aria-label="Scale reads" role="status">
            {scale.state.kind === 'reading' ? `${scale.state.latest.forceN.toFixed(1)} N` : '…'}
          </span>
          at
          <input
            aria-label="Length now, cm"
            inputMode="decimal"
            className="field h-7 w-16"
            placeholder="cm"
            value={lengthCm}
            onChange={(e) => setLengthCm(e.target.value)}
            onKeyDown={(e) => {
              if (e.key !== 'Enter') return;
              e.preventDefault();
              take();
            }}
          />
          <button type="button" className="key h-7 px-2" onClick={take}>
            Take
          </button>
          <button type="button" className="underline" onClick={scale.stop}>
            Stop
          </button>
        </div>
      )}
      {fault && (
        <p role="alert" className="text-[0.82rem] leading-tight text-oxide">
          {fault}
        </p>
      )}
      <p className="flex gap-2">
        <button type="submit" className="key key-strong h-7">
          Save the curve
        </button>
        {known && (
          <button type="button" className="key h-7" onClick={() => onDone(undefined)}>
            Delete the curve
          </button>
        )}
      </p>
      <p className="text-[0.76rem] leading-tight text-oxide">
        Check the band for tears first. Keep it away from your face. Do not stretch it past three times its length.
      </p>
    </form>
  );
}
