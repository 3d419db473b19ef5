import { capacityOf } from '@tropaeum/core/capacity/capacity-of';
import { relativeLoads } from '@tropaeum/core/capacity/relative-load';
import { firstName } from '@tropaeum/core/common/text';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import type { Loading } from '@tropaeum/core/exercise/mechanics/loading';
import { loadOptions } from '@tropaeum/core/kit/loads';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { ArrowLeft, Copy, ListPlus, Pencil } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useOutletContext, useParams, useSearchParams } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import { useAthlete } from '../api/queries';
import { usualSize } from '../ui/Figure';
import { Nothing } from '../ui/States';
import { words } from '../ui/words';
import { BandRange } from './BandRange';
import { Chips } from './Chips';
import { CommonErrors } from './CommonErrors';
import { CustomExerciseForm } from './CustomExerciseForm';
import { JointDemands, Muscles } from './JointDemands';
import { Part } from './Part';
import { Progressions } from './Progressions';
import { RangeOfMotion } from './RangeOfMotion';
import { Replacements } from './Replacements';
import { SimilarExercises } from './SimilarExercises';
import { ToFailure } from './ToFailure';
import { TransferRows } from './TransferRows';
import { type Shown, useFeasible, useLibrary } from './use-library';

/** Somebody to measure on while no athlete is chosen. */
const anyone: Pick<Brief, 'athlete' | 'date' | 'own'> = {
  athlete: { ...usualSize, born: '2000-01-01', level: 'intermediate', restrictions: [] },
  date: '2026-01-01',
};

/** One exercise: moving figure, what it asks of this body over its range, how it is done, what is easier, harder and alike. */
export function VariantPage() {
  const { variantId = '' } = useParams();
  const library = useLibrary();
  const shown = library.byId.get(variantId);
  const [address] = useSearchParams();
  if (!shown)
    return (
      <Nothing title="No such exercise.">
        <Link to={`/library?${address}`} className="underline">
          Back to the library
        </Link>
      </Nothing>
    );
  return <OneVariant key={variantId} shown={shown} takenIds={library.all.flatMap((s) => (s.own ? [s.own.id] : []))} />;
}

function OneVariant({ shown, takenIds }: { shown: Shown; takenIds: readonly string[] }) {
  const { variant, drawnAs, own } = shown;
  const { squads, day } = useOutletContext<CoachContext>();
  const [address] = useSearchParams();
  const athleteId = address.get('for') ?? '';
  const listed = squads.athletes.find((a) => a.id === athleteId);
  const known = useAthlete(athleteId).data?.brief;
  const brief = known ?? anyone;
  const loads = useMemo(
    () =>
      variant.load?.source === 'weight' && known
        ? loadOptions(
            known.kit.items,
            variant.load.with ?? variant.needs.kit.flat(),
            variant.load.hands,
            variant.load.maxKg,
          )
        : [],
    [variant, known],
  );
  const usual = variant.load?.source === 'weight' && variant.load.required ? Math.min(variant.load.maxKg ?? 10, 10) : 0;
  const [chosenKg, setKg] = useState<number>();
  const kg = chosenKg ?? loads.at(-1)?.kg ?? usual;
  const loading = useMemo<Loading>(() => ({ loadKg: kg }), [kg]);
  const [editing, setEditing] = useState<'copy' | 'own'>();

  const capacity = useMemo(() => capacityOf(brief.athlete, brief.date, catalogueOf(brief.own)), [brief]);
  const asked = useMemo(
    () =>
      relativeLoads(variant, brief.athlete, brief.date, loading)
        .map((a) => ({ ...a, share: a.momentNm / capacity.of(a.action).mostNm.mid }))
        .sort((a, b) => b.share - a.share),
    [variant, brief, loading, capacity],
  );
  const reasons = useFeasible(known).data?.get(variant.id) ?? [];

  return (
    <main className="min-w-0 flex-1 overflow-y-auto px-6 py-4" data-variant={variant.id}>
      <div className="flex flex-wrap items-start justify-between gap-3">
        <div>
          <Link
            to={`/library?${address}`}
            className="inline-flex items-center gap-1 text-small text-quiet hover:text-ink"
          >
            <ArrowLeft size={14} /> Library
          </Link>
          <h1 className="head text-[1.7rem] leading-tight">
            {own && <span className="text-bronze">Custom: </span>}
            {variant.name}
          </h1>
          <p className="text-quiet">
            {variant.otherNames.length > 0 && <>Also called {variant.otherNames.join(', ')}. </>}
            For: {variant.purpose}.
          </p>
          <Chips variant={variant} />
        </div>
        <div className="flex gap-2">
          {listed && reasons.length === 0 && (
            <Link to={`/athletes/${listed.id}?day=${day}&add=${variant.id}`} className="key key-strong">
              <ListPlus size={15} /> Add to {firstName(listed.name)}'s session
            </Link>
          )}
          {own ? (
            <button type="button" className="key" onClick={() => setEditing('own')}>
              <Pencil size={15} /> Edit
            </button>
          ) : (
            <button type="button" className="key" onClick={() => setEditing('copy')}>
              <Copy size={15} /> Copy as custom
            </button>
          )}
        </div>
      </div>
      {reasons.length > 0 && (
        <p className="mt-3 border-l-4 border-oxide bg-sheet px-3 py-1.5" role="note">
          <b>Not for {listed && firstName(listed.name)} today.</b> {reasons.join(' ')}
        </p>
      )}
      <div className="mt-4 grid gap-x-8 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
        <div>
          <RangeOfMotion
            variant={variant}
            drawnAs={drawnAs}
            athlete={brief.athlete}
            whose={listed?.name ?? '175 cm, 70 kg'}
            loads={loads}
            usualKg={usual}
            kg={kg}
            onKg={setKg}
          />
          <Part title="Load by joint action" note="· % of max">
            <JointDemands loads={asked} />
            <ToFailure variant={variant} capacity={capacity} loading={loading} />
          </Part>
          <BandRange variant={variant} brief={known} athlete={brief.athlete} />
          <Part title="Muscles">
            <Muscles variant={variant} athlete={brief.athlete} />
          </Part>
        </div>
        <div>
          <Part title="Coaching cues">
            <ul className="mt-1 list-inside list-disc text-[0.95rem]">
              {variant.cues.map((cue) => (
                <li key={cue}>{cue}</li>
              ))}
            </ul>
          </Part>
          <Part title="Common errors">
            <CommonErrors variant={variant} size={brief.athlete} />
          </Part>
          {variant.cautions.length > 0 && (
            <Part title="Caution">
              <ul className="mt-1 border-l-4 border-oxide pl-3 text-[0.95rem]">
                {variant.cautions.map((caution) => (
                  <li key={caution}>{caution}</li>
                ))}
              </ul>
            </Part>
          )}
          <Part title="Progressions" note="· % of max, hardest joint">
            <Progressions variant={variant} brief={brief} query={address.toString()} />
          </Part>
          <Part title="Similar exercises" {...(listed ? { note: `· with ${firstName(listed.name)}'s equipment` } : {})}>
            <SimilarExercises variantId={drawnAs} brief={known} loading={loading} query={address.toString()} />
          </Part>
          <Part
            title="Substitutes for equipment"
            {...(listed ? { note: `· ${firstName(listed.name)} does not have` } : {})}
          >
            <Replacements variant={variant} brief={known} />
          </Part>
          <Part title="Transfer">
            <TransferRows variant={variant} role={listed?.role} sportId={known?.sport.id} />
          </Part>
          <Part title="Loaded regions">
            <p className="text-[0.95rem]">
              {variant.regions
                .map(
                  (r) =>
                    words(r.region) +
                    [r.high && ' high', r.deep && ' deep', r.landing && ' landing'].filter(Boolean).join(','),
                )
                .join('; ') || 'none'}
            </p>
          </Part>
          <p className="mt-4 text-small text-quiet">
            Sources: {variant.sources.join('; ')}. Stop on sharp or increasing pain. This does not replace a clinician.
          </p>
        </div>
      </div>
      {editing && (
        <CustomExerciseForm
          variant={variant}
          own={editing === 'own' ? own : undefined}
          takenIds={takenIds}
          onClose={() => setEditing(undefined)}
        />
      )}
    </main>
  );
}
