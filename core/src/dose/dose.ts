/** What one set asks for; exactly one of these. */
export type Work =
  | { kind: 'reps'; reps: number }
  | { kind: 'hold'; seconds: number }
  | { kind: 'work'; seconds: number }
  | { kind: 'breaths'; breaths: number }
  | { kind: 'contacts'; contacts: number }
  | { kind: 'metres'; metres: number };

export const workKinds = [
  'reps',
  'hold',
  'work',
  'breaths',
  'contacts',
  'metres',
] as const satisfies readonly Work['kind'][];
export type WorkKind = Work['kind'];

/** Lowering, bottom pause, rising, top pause, in seconds; `explosive` means rise as fast as possible. */
export interface Tempo {
  lowering: number;
  bottom: number;
  rising: number | 'X';
  top: number;
}

export interface Dose {
  sets: number;
  work: Work;
  /** The work is done once on each side in every set. */
  perSide: boolean;
  tempo?: Tempo;
  /** Repetitions left in reserve at the end of a set. */
  reserve?: number;
  restSeconds: number;
}

/** Limits that a dose is refused beyond. */
export const doseLimits = {
  sets: [1, 10],
  reps: [1, 100],
  seconds: [3, 600],
  breaths: [1, 30],
  contacts: [1, 200],
  metres: [1, 400],
  reserve: [0, 10],
  restSeconds: [0, 300],
  tempoSeconds: [0, 10],
} as const satisfies Record<string, readonly [number, number]>;

/** How often the work of a set counts: reps, seconds, breaths, contacts or metres. */
export function amountOf(work: Work): number {
  switch (work.kind) {
    case 'reps':
      return work.reps;
    case 'breaths':
      return work.breaths;
    case 'contacts':
      return work.contacts;
    case 'metres':
      return work.metres;
    default:
      return work.seconds;
  }
}

/** The same kind of work with another amount. */
export function withAmount(work: Work, amount: number): Work {
  switch (work.kind) {
    case 'reps':
      return { kind: 'reps', reps: amount };
    case 'breaths':
      return { kind: 'breaths', breaths: amount };
    case 'contacts':
      return { kind: 'contacts', contacts: amount };
    case 'metres':
      return { kind: 'metres', metres: amount };
    default:
      return { kind: work.kind, seconds: amount };
  }
}
