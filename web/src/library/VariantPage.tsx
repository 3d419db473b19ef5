import { scaledBody } from '@tropaeum/core/body/segments';
import { momentNames } from '@tropaeum/core/body/statics';
import { type RelativeLoad, relativeLoads } from '@tropaeum/core/capacity/relative-load';
import { printDose } from '@tropaeum/core/dose/notation';
import { type Loading, momentsOverRange, momentWords, staticsOf } from '@tropaeum/core/exercise/moments';
import type { Variant } from '@tropaeum/core/exercise/variant';
import { variantSpace } from '@tropaeum/core/kit/feasible';
import { loadOptions } from '@tropaeum/core/kit/kit';
import type { Brief } from '@tropaeum/core/session/brief';
import { sportById } from '@tropaeum/core/sport/sports';
import { ArrowLeft, Copy, Pencil } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useOutletContext, useParams, useSearchParams } from 'react-router';
import { useAthlete } from '../api/queries';
import type { DeskContext } from '../Desk';
import { Figure, FigureDrawing, usualSize } from '../ui/Figure';
import { faultPictures } from '../ui/figure-frames';
import { Nothing } from '../ui/States';
import { capital, words } from '../ui/words';
import { Alike } from './Alike';
import { Climb } from './Climb';
import { LevelSteps } from './FigureGrid';
import { MomentPlot } from './MomentPlot';
import { OwnForm } from './OwnForm';
import { type Shown, servedBy, useFeasible, useLibrary } from './use-library';

/** Somebody to measure on while no athlete is chosen. */
const anyone: Pick<Brief, 'athlete' | 'date'> = {
  athlete: { ...usualSize, born: '2000-01-01', level: 'intermediate', restrictions: [] },
  date: '2026-01-01',
};

const percent = (share: number) => `${Math.round(share * 100)} %`;

function Chips({ variant }: { variant: Variant }) {
  const chips = [
    words(variant.pattern),
    ...variant.blocks.map(words),
    ...(variant.side === 'single' ? ['each side'] : variant.side === 'alternating' ? ['sides in turn'] : []),
    ...(variant.impactContacts > 0 ? ['lands'] : []),
    ...(variant.quiet ? ['quiet'] : []),
  ];
  return (
    <ul className="mt-2 flex flex-wrap gap-1.5">
      {chips.map((chip) => (
        <li key={chip} className="border border-stone px-1.5 text-small">
          {chip}
        </li>
      ))}
    </ul>
  );
}

function Asked({ loads }: { loads: readonly RelativeLoad[] }) {
  return (
    <ul className="mt-1 space-y-1">
      {loads.map(({ action, momentNm, share, moment }) => (
        <li key={`${action.joint} ${action.action} ${action.regime}`} className="text-[0.9rem]">
          <span className="flex justify-between gap-3">
            <span>
              {capital(words(action.joint))} {words(action.action)},{' '}
              <span className="text-quiet">{words(action.regime)}</span>
            </span>
            <span className="dose whitespace-nowrap" title={`Taken at the ${momentWords[moment]}`}>
              {momentNm < 0.5 ? 'no static load' : `${momentNm.toFixed(0)} N m · ${percent(share)}`}
            </span>
          </span>
          <span className="block h-1.5 bg-edge">
            <span
              className={`block h-full ${share > 0.8 ? 'bg-oxide' : 'bg-laurel'}`}
              style={{ width: `${Math.min(100, share * 100)}%` }}
            />
          </span>
        </li>
      ))}
    </ul>
  );
}

function Contacts({ variant, brief, loading }: { variant: Variant; brief: Pick<Brief, 'athlete'>; loading: Loading }) {
  const frames = staticsOf(variant, scaledBody(brief.athlete), loading);
  const rows = frames.map((f, i) => ({
    name: variant.keyframes[i]?.name ?? String(i + 1),
    shares: f.shares.filter((s) => Math.abs(s.share) >= 0.005),
  }));
  if (variant.view === 'above' || rows.every((r) => r.shares.length === 0)) return null;
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

function Faults({ variant, size }: { variant: Variant; size: Brief['athlete'] }) {
  return (
    <ul className="mt-1 space-y-2">
      {variant.faults.map((fault, i) => {
        const pictures = faultPictures(variant, i, size);
        return (
          <li key={fault.see} className="flex items-end gap-3">
            {pictures && (
              <span className="flex shrink-0 gap-2 bg-sheet px-2 pt-1">
                <FigureDrawing picture={pictures.right} name="Right form" className="h-20 w-24" />
                <FigureDrawing picture={pictures.wrong} name={`Fault: ${fault.see}`} wrong className="h-20 w-24" />
              </span>
            )}
            <span className="text-[0.95rem] leading-snug">
              <b>{fault.see}.</b> {fault.say}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

function Serves({
  variant,
  role,
  sportId,
}: {
  variant: Variant;
  role: string | undefined;
  sportId: string | undefined;
}) {
  const sports = sportId ? [sportById(sportId)] : ['handball', 'sprint-canoe'].map(sportById);
  const rows = sports.flatMap((sport) =>
    sport ? servedBy(variant, sport, sportId ? role : undefined).map((s) => ({ ...s, sport })) : [],
  );
  if (rows.length === 0) return <p className="text-quiet">No movement of the sports here directly.</p>;
  return (
    <ul className="mt-1 text-[0.9rem]">
      {rows.slice(0, 6).map(({ action, transfer, sport }) => (
        <li key={sport.id + action.id} className="flex justify-between gap-3 border-t border-edge py-0.5">
          <span>
            {action.name} <span className="text-quiet">{sportId ? '' : sport.name.toLowerCase()}</span>
          </span>
          <span className="dose">{percent(transfer)}</span>
        </li>
      ))}
    </ul>
  );
}

const Part = ({ title, note, children }: { title: string; note?: string; children: React.ReactNode }) => (
  <section className="mt-5">
    <h2 className="label">
      {title} {note && <span className="tracking-normal normal-case">{note}</span>}
    </h2>
    {children}
  </section>
);

/** One exercise: moving figure, what it asks of this body over its range, how it is done, what is easier, harder and alike. */
export function VariantPage() {
  const { variantId = '' } = useParams();
  const library = useLibrary();
  const shown = library.byId.get(variantId);
  const [address] = useSearchParams();
  if (!shown)
    return (
      <Nothing title="There is no such exercise.">
        <Link to={`/library?${address}`} className="underline">
          Back to the library
        </Link>
      </Nothing>
    );
  return <OneVariant key={variantId} shown={shown} takenIds={library.all.flatMap((s) => (s.own ? [s.own.id] : []))} />;
}

function OneVariant({ shown, takenIds }: { shown: Shown; takenIds: readonly string[] }) {
  const { variant, drawnAs, own } = shown;
  const { squads } = useOutletContext<DeskContext>();
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

  const asked = useMemo(() => relativeLoads(variant, brief.athlete, brief.date, loading), [variant, brief, loading]);
  const range = useMemo(() => momentsOverRange(variant, scaledBody(brief.athlete), loading), [variant, brief, loading]);
  const plotted = useMemo(
    () =>
      [...momentNames]
        .filter(
          (name) =>
            name !== 'shoulder-turn' ||
            variant.jointActions.some((a) => a.action.endsWith('rotation') && a.joint === 'shoulder'),
        )
        .map((name) => ({ name, peak: Math.max(...range.map((r) => r.moments[name])) }))
        .filter((m) => m.peak > 2)
        .sort((a, b) => b.peak - a.peak)
        .slice(0, 4)
        .map((m) => m.name),
    [range, variant],
  );
  const space = useMemo(() => variantSpace(variant, scaledBody(brief.athlete)), [variant, brief]);
  const reasons = useFeasible(known).data?.get(drawnAs) ?? [];

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
            {own && <span className="text-bronze">Ours: </span>}
            {variant.name}
          </h1>
          <p className="text-quiet">
            {variant.otherNames.length > 0 && <>Also called {variant.otherNames.join(', ')}. </>}
            For: {variant.purpose}.
          </p>
          <Chips variant={variant} />
        </div>
        <div className="flex gap-2">
          {own ? (
            <button type="button" className="key" onClick={() => setEditing('own')}>
              <Pencil size={15} /> Change ours
            </button>
          ) : (
            <button type="button" className="key" onClick={() => setEditing('copy')}>
              <Copy size={15} /> Make it our own
            </button>
          )}
        </div>
      </div>
      {reasons.length > 0 && (
        <p className="mt-3 border-l-4 border-oxide bg-sheet px-3 py-1.5" role="note">
          <b>Not for {listed?.name.split(' ')[0]} today.</b> {reasons.join(' ')}
        </p>
      )}
      <div className="mt-4 grid gap-x-8 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
        <div>
          <div className="bg-sheet px-3 pt-3">
            <Figure
              variant={drawnAs}
              name={`${variant.name}, moving`}
              size={brief.athlete}
              loaded={kg > 0}
              playing
              {...(variant.dose.tempo ? { tempo: variant.dose.tempo } : {})}
              className="h-64 w-full"
            />
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
          <Part
            title="What the joints hold over the range"
            note={`· ${listed ? listed.name : '175 cm, 70 kg'}${kg > 0 ? `, ${kg} kg` : ''}`}
          >
            {variant.load?.source === 'weight' && (
              <label className="mt-1 inline-flex items-center gap-2 text-small">
                Load
                <select className="field h-7 w-44" value={kg} onChange={(e) => setKg(Number(e.target.value))}>
                  {[
                    ...(variant.load.required ? [] : [{ kg: 0, with: 'body only' }]),
                    ...(loads.length ? loads : [{ kg: usual || 5, with: `${usual || 5} kg` }]),
                  ].map((o) => (
                    <option key={o.kg + o.with} value={o.kg}>
                      {o.with}
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
            />
          </Part>
          <Part title="Asked of each joint action" note="· share of what this athlete can be guessed to hold once">
            <Asked loads={asked} />
          </Part>
          <Part title="Body weight on" note="· held still or moved slowly">
            <Contacts variant={variant} brief={brief} loading={loading} />
          </Part>
        </div>
        <div>
          <Part title="Say">
            <ul className="mt-1 list-inside list-disc text-[0.95rem]">
              {variant.cues.map((cue) => (
                <li key={cue}>{cue}</li>
              ))}
            </ul>
          </Part>
          <Part title="Look for">
            <Faults variant={variant} size={brief.athlete} />
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
          <Part title="Climb" note="· share of the most on the hardest joint">
            <Climb variant={variant} brief={brief} query={address.toString()} />
          </Part>
          <Part
            title="Same stimulus with other kit"
            {...(listed ? { note: `· ${listed.name.split(' ')[0]}'s kit` } : {})}
          >
            <Alike variantId={drawnAs} brief={known} loading={loading} query={address.toString()} />
          </Part>
          <Part title="Serves">
            <Serves variant={variant} role={listed?.role} sportId={known?.sport.id} />
          </Part>
          <Part title="Loads">
            <p className="text-[0.95rem]">
              {variant.regions
                .map(
                  (r) =>
                    words(r.region) +
                    [r.high && ' high', r.deep && ' deep', r.landing && ' landing'].filter(Boolean).join(','),
                )
                .join('; ') || 'nothing to speak of'}
            </p>
          </Part>
          <p className="mt-4 text-small text-quiet">
            Sources: {variant.sources.join('; ')}. Stop on sharp or rising pain; nothing here replaces a clinician.
          </p>
        </div>
      </div>
      {editing && (
        <OwnForm
          variant={variant}
          own={editing === 'own' ? own : undefined}
          takenIds={takenIds}
          onClose={() => setEditing(undefined)}
        />
      )}
    </main>
  );
}
