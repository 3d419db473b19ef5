import { type AssumedField, assumedWords } from '@tropaeum/core/athlete/assumed';
import { type ReadLine, readAthleteList } from '@tropaeum/core/athlete/athlete-list';
import { isMinor } from '@tropaeum/core/people/consent';
import { useState } from 'react';
import { ask } from '../api/client';
import { useMe } from '../api/queries';
import type { Squad } from '../api/types';
import { useWork } from '../api/use-work';
import { sportIn, sportsIn, useClubSports } from '../demands/club-sports';
import { Choice } from '../ui/Form';
import { useMeasures } from '../ui/units';

/** Chosen for a squad that begins with this list. */
const newSquad = 'new';

/** A squad begun, or filled up, by typing its athletes, a line each; what was read stands beside it before anything is kept. */
export function AddSquad({ squads, today, onDone }: { squads: Squad[]; today: string; onDone?: () => void }) {
  const { units, mass, length } = useMeasures();
  const club = useClubSports().data ?? [];
  const [squadId, setSquadId] = useState(squads[0]?.id ?? newSquad);
  const [name, setName] = useState('');
  const [sportId, setSportId] = useState('handball');
  const [text, setText] = useState('');
  const { busy, problem, work } = useWork(['squads']);
  const isNew = squadId === newSquad;
  const roles = sportIn(club, isNew ? sportId : (squads.find((s) => s.id === squadId)?.sportId ?? ''))?.roles ?? [];
  const lines = readAthleteList(text, roles, units, today);
  const athletes = lines.flatMap((line) => ('athlete' in line ? [line.athlete] : []));
  const age = useMe().data?.settings.consentAge;
  const minors = athletes.filter(({ born }) => isMinor(born, today, age)).length;
  const wrong = lines.length - athletes.length;
  const add = () =>
    work('add', () =>
      ask('/athlete-lists', 'POST', {
        ...(isNew ? { newSquad: { name: name.trim(), sportId } } : { squadId }),
        athletes: athletes.map(({ name: called, role, assumed, ...rest }) => ({
          ...{ name: called, role, ...(assumed ? { assumed } : {}) },
          athlete: { ...rest, level: 'beginner' },
        })),
      }),
    ).then((done) => done && onDone?.());
  return (
    <section className="mt-5 max-w-5xl">
      <h2 className="head text-lg">A squad from a list</h2>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {squads.length > 0 && (
          <Choice label="Squad" className="w-56" value={squadId} onChange={(e) => setSquadId(e.target.value)}>
            {squads.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
            <option value={newSquad}>New squad …</option>
          </Choice>
        )}
        {isNew && (
          <>
            <label className="w-56">
              <span className="label">Squad name</span>
              <input className="field mt-0.5" maxLength={80} value={name} onChange={(e) => setName(e.target.value)} />
            </label>
            <Choice label="Sport" className="w-48" value={sportId} onChange={(e) => setSportId(e.target.value)}>
              {sportsIn(club).map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </Choice>
          </>
        )}
      </div>
      <div className="mt-3 grid grid-cols-2 gap-6">
        <label>
          <span className="label">
            Athletes, a line each: name, day of birth; then role, height in {units.length}, mass in {units.mass}, if
            known
          </span>
          <textarea
            aria-label="Athletes, a line each"
            className="field dose mt-0.5 h-56 py-1.5"
            spellCheck={false}
            placeholder={`Ines Vold, 2004-05-01, ${roles[0]?.name.toLowerCase() ?? 'back'}, ${length(178).split(' ')[0]}, ${mass(74).split(' ')[0]}`}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
        <div className="max-h-64 overflow-y-auto" aria-live="polite">
          <Preview
            lines={lines}
            isWaiting={(born) => isMinor(born, today, age)}
            roleName={(id) => roles.find((r) => r.id === id)?.name ?? id}
          />
        </div>
      </div>
      <div className="mt-3 flex items-center gap-3">
        <button
          type="button"
          className="key key-strong"
          disabled={athletes.length === 0 || wrong > 0 || busy !== undefined || (isNew && !name.trim())}
          onClick={() => void add()}
        >
          Add {athletes.length === 1 ? 'one athlete' : `${athletes.length} athletes`}
        </button>
        {onDone && (
          <button type="button" className="key key-plain" onClick={onDone}>
            Cancel
          </button>
        )}
        <span className="text-small text-quiet">
          {wrong > 0
            ? `${wrong === 1 ? 'One line is' : `${wrong} lines are`} to be mended first.`
            : minors > 0
              ? `${minors === 1 ? 'One is a minor' : `${minors} are minors`}: only the name is kept until a guardian consents.`
              : 'What a line leaves out is taken as usual, and asked with the first session.'}
        </span>
      </div>
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
    </section>
  );
}

/** What a line left out stands lighter. */
const guessed = (read: Extract<ReadLine, { athlete: unknown }>, field: AssumedField): string =>
  read.athlete.assumed?.includes(field) ? 'text-quiet italic' : '';

interface PreviewProps {
  lines: readonly ReadLine[];
  /** Whether a guardian has to be asked first. */
  isWaiting: (born: string) => boolean;
  roleName: (id: string) => string;
}

function Preview({ lines, isWaiting, roleName }: PreviewProps) {
  const { mass, length } = useMeasures();
  if (lines.length === 0)
    return (
      <p className="mt-6 text-quiet">
        What is read appears here. Commas, semicolons or tabs, as a spreadsheet copies them.
      </p>
    );
  return (
    <table className="w-full text-left text-[0.9rem]">
      <tbody>
        {lines.map((read) =>
          'athlete' in read ? (
            <tr key={read.line} className="border-b border-edge">
              <td className="py-0.5 pr-2 font-semibold">{read.athlete.name}</td>
              <td className="dose pr-2">{read.athlete.born}</td>
              <td className={`pr-2 ${guessed(read, 'role')}`}>{roleName(read.athlete.role)}</td>
              <td className={`dose pr-2 ${guessed(read, 'heightCm')}`}>{length(read.athlete.heightCm)}</td>
              <td className={`dose ${guessed(read, 'massKg')}`}>{mass(read.athlete.massKg)}</td>
              <td className="pl-3 text-small text-quiet">
                {isWaiting(read.athlete.born) ? (
                  <b className="text-bronze">minor: only the name</b>
                ) : read.athlete.assumed ? (
                  `${assumedWords(read.athlete.assumed)} assumed`
                ) : (
                  ''
                )}
              </td>
            </tr>
          ) : (
            <tr key={read.line} className="border-b border-edge text-oxide">
              <td colSpan={6} className="py-0.5">
                Line {read.line}: <b>{read.fault.part || 'the line'}</b> {read.fault.message}
              </td>
            </tr>
          ),
        )}
      </tbody>
    </table>
  );
}
