import type { DeskKind } from '@tropaeum/core/desk/entry';
import {
  Activity,
  BellRing,
  CalendarClock,
  CalendarX,
  CircleSlash,
  Clock,
  FlaskConical,
  Link2,
  type LucideIcon,
  MessageCircleQuestion,
  OctagonX,
  ShieldAlert,
  Stethoscope,
  Thermometer,
  TrendingUp,
} from 'lucide-react';

/** How urgent a kind is: today, this week, or whenever there is time. */
type Urgency = 'now' | 'soon' | 'later';

interface KindWords {
  name: string;
  urgency: Urgency;
  Icon: LucideIcon;
}

export const kindWords: Readonly<Record<DeskKind, KindWords>> = {
  refer: { name: 'Clinician', urgency: 'now', Icon: Stethoscope },
  'pain-stop': { name: 'Pain above 5', urgency: 'now', Icon: OctagonX },
  'pain-rising': { name: 'Rising pain', urgency: 'now', Icon: TrendingUp },
  pain: { name: 'Pain', urgency: 'now', Icon: BellRing },
  unwell: { name: 'Unwell', urgency: 'now', Icon: Thermometer },
  changed: { name: 'New results', urgency: 'now', Icon: MessageCircleQuestion },
  effort: { name: 'Too hard', urgency: 'soon', Icon: Activity },
  missed: { name: 'Missed', urgency: 'soon', Icon: CalendarX },
  restriction: { name: 'Restriction', urgency: 'soon', Icon: ShieldAlert },
  fixture: { name: 'Fixture', urgency: 'soon', Icon: CalendarClock },
  silent: { name: 'Silent', urgency: 'soon', Icon: CircleSlash },
  test: { name: 'Test due', urgency: 'later', Icon: FlaskConical },
  link: { name: 'Link ends', urgency: 'later', Icon: Link2 },
  proposals: { name: 'Proposals', urgency: 'later', Icon: Clock },
};

export const urgencyWords: Readonly<Record<Urgency, string>> = {
  now: 'Today',
  soon: 'This week',
  later: 'Next session',
};
