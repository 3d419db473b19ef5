import type { PlacedBody } from '../../body/placing';
import type { ScaledBody } from '../../body/segments';
import type { Variant } from '../model/variant';
import type { Joint, JointAction, Motion, Regime } from '../model/vocabulary';
import { placedVariant } from './placed';

/** A muscle that a variant works, and how it works. */
export interface WorkedMuscle {
  muscle: string;
  /** The joint action asks for it first, or only for its help. */
  part: 'main' | 'helping';
  regime: Regime;
}

interface Movers {
  main: readonly string[];
  helping?: readonly string[];
}

/** Who moves a joint which way: anatomy handbooks (Gray's Anatomy, actions of muscles; values from memory). */
const movers: Partial<Record<`${Joint} ${Motion}`, Movers>> = {
  'neck flexion': { main: ['deep neck flexors', 'sternocleidomastoid'] },
  'neck extension': { main: ['deep neck extensors', 'upper trapezius'] },
  'neck lateral-flexion': { main: ['scalenes', 'sternocleidomastoid'], helping: ['upper trapezius'] },
  'shoulder flexion': { main: ['front deltoid', 'pectoralis major'], helping: ['serratus anterior', 'biceps'] },
  'shoulder extension': {
    main: ['latissimus dorsi', 'rear deltoid'],
    helping: ['teres major', 'long head of triceps'],
  },
  'shoulder abduction': { main: ['middle deltoid', 'supraspinatus'], helping: ['upper trapezius'] },
  'shoulder adduction': { main: ['pectoralis major', 'latissimus dorsi'], helping: ['teres major'] },
  'shoulder external-rotation': { main: ['infraspinatus', 'teres minor'], helping: ['rear deltoid'] },
  'shoulder internal-rotation': { main: ['subscapularis', 'pectoralis major'], helping: ['latissimus dorsi'] },
  'scapula retraction': { main: ['middle trapezius', 'rhomboids'], helping: ['lower trapezius'] },
  'scapula protraction': { main: ['serratus anterior'], helping: ['pectoralis minor'] },
  'elbow flexion': { main: ['biceps', 'brachialis'], helping: ['brachioradialis'] },
  'elbow extension': { main: ['triceps'] },
  'wrist flexion': { main: ['wrist and finger flexors'] },
  'wrist extension': { main: ['wrist extensors'] },
  'wrist grip': { main: ['finger flexors'], helping: ['wrist extensors'] },
  'trunk flexion': { main: ['rectus abdominis', 'obliques'] },
  'trunk extension': { main: ['erector spinae', 'multifidus'] },
  'trunk rotation': { main: ['obliques'], helping: ['multifidus'] },
  'trunk lateral-flexion': { main: ['obliques', 'quadratus lumborum'], helping: ['erector spinae'] },
  'hip flexion': { main: ['iliopsoas', 'rectus femoris'], helping: ['tensor fasciae latae'] },
  'hip extension': { main: ['gluteus maximus', 'hamstrings'], helping: ['adductor magnus'] },
  'hip abduction': { main: ['gluteus medius', 'gluteus minimus'], helping: ['tensor fasciae latae'] },
  'hip adduction': { main: ['adductors'], helping: ['gracilis'] },
  'hip external-rotation': { main: ['deep hip rotators', 'gluteus maximus'] },
  'hip internal-rotation': { main: ['gluteus minimus', 'tensor fasciae latae'] },
  'knee flexion': { main: ['hamstrings'], helping: ['gastrocnemius'] },
  'knee extension': { main: ['quadriceps'] },
  'ankle flexion': { main: ['tibialis anterior'] },
  'ankle abduction': { main: ['peroneals'] },
  'ankle adduction': { main: ['tibialis posterior'] },
  'neck rotation': { main: ['sternocleidomastoid'], helping: ['deep neck extensors'] },
  'ankle extension': { main: ['gastrocnemius', 'soleus'] },
};

/** Which ways each joint can be moved, as far as anybody trains them. */
export const muscleMotions: Readonly<Record<string, readonly string[]>> = Object.keys(movers).reduce<
  Record<string, string[]>
>((found, pair) => {
  const [joint, motion] = pair.split(' ') as [string, string];
  found[joint] = [...(found[joint] ?? []), motion];
  return found;
}, {});

/** A knee bent this far leaves the two-joint calf slack and the two-joint hamstrings short, degrees; common practice, no source. */
const slackFromDegrees = 40;

function moversOf({ joint, action }: JointAction, frames: readonly PlacedBody[]): Movers {
  const found = movers[`${joint} ${action}`] ?? { main: [] };
  // Seen from the front or from above a bent knee does not show.
  if (frames[0]?.view !== 'side') return found;
  const knees = frames.map((f) => f.pose.near.knee);
  if (joint === 'ankle' && action === 'extension' && Math.max(...knees) >= slackFromDegrees)
    return { main: ['soleus'], helping: ['gastrocnemius'] };
  if (joint === 'hip' && action === 'extension' && Math.min(...knees) >= 2 * slackFromDegrees)
    return { main: ['gluteus maximus'], helping: ['hamstrings', 'adductor magnus'] };
  return found;
}

/**
 * The muscles that a variant works and how, the first joint actions' first. Muscles over two joints step back where the posed body leaves
 * them slack: the gastrocnemius behind a bent knee, the hamstrings in a bridge with heels under the knees.
 *
 * @example musclesOf(variantById('bent-knee-calf-raise'), body)[0].muscle // 'soleus'
 */
export function musclesOf(variant: Variant, body: ScaledBody): WorkedMuscle[] {
  const posed = placedVariant(variant, body);
  const found = new Map<string, WorkedMuscle>();
  const note = (muscle: string, part: WorkedMuscle['part'], regime: Regime) => {
    const known = found.get(muscle);
    if (!known || (known.part === 'helping' && part === 'main')) found.set(muscle, { muscle, part, regime });
  };
  for (const action of variant.jointActions) {
    const { main, helping = [] } = moversOf(action, posed);
    for (const muscle of main) note(muscle, 'main', action.regime);
    for (const muscle of helping) note(muscle, 'helping', action.regime);
  }
  return [...found.values()].sort((a, b) => Number(a.part === 'helping') - Number(b.part === 'helping'));
}
