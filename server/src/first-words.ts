import { firstName } from '@tropaeum/core/common/text';
import { inUnits, metric, type Units } from '@tropaeum/core/common/units';
import { amountWords, blockWords, leftWords, takenWords } from '@tropaeum/core/session/plan/amount-words';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import escapeHtml from 'escape-html';
import type { Context } from 'koa';
import { AuthLookup } from './middleware/auth-lookup';
import { HttpError } from './middleware/http-error';
import type { Services } from './routes/context';
import { todayOf } from './routes/phone-answer';
import { unitsOf } from './store/accounts';

/** One exercise as the page lists it, its figure still to come. */
function itemHtml(item: Plan['blocks'][number]['items'][number], units: Units, heading: string | undefined): string {
  const line = (kind: string, words: string | undefined) =>
    words ? `<span class="block leading-tight ${kind}">${escapeHtml(inUnits(words, units))}</span>` : '';
  const left = leftWords(item);
  return [
    '<li class="border-b border-edge px-5">',
    heading ? `<h2 class="label pt-3 text-[0.8rem]">${escapeHtml(heading)}</h2>` : '',
    '<div class="flex items-center gap-3 py-2"><span class="h-12 w-14 shrink-0"></span><span class="min-w-0 flex-1">',
    `<b class="block leading-tight">${escapeHtml(item.name)}</b>`,
    line('text-laurel', item.for),
    line('text-oxide', item.adapt?.join(' ')),
    `<span class="text-quiet">${escapeHtml(takenWords(item, units) + (left ? ` · ${left}` : ''))}</span></span>`,
    `<span class="dose w-24 shrink-0 text-right text-base leading-tight">${escapeHtml(amountWords(item))}</span>`,
    '</div></li>',
  ].join('');
}

/**
 * Today's session in words, as the athlete's page lists it, to be read while its scripts are on the way. Nothing can be begun from it: cautions for
 * the whole of it, what was done already and how the athlete is come with the page.
 */
function sessionHtml(name: string, plan: Plan, units: Units): string {
  const items = plan.blocks.flatMap(({ kind, items: of }, b) =>
    of.map((item, i) =>
      itemHtml(item, units, i === 0 && plan.blocks[b - 1]?.kind !== kind ? blockWords(kind) : undefined),
    ),
  );
  const title = `Hi ${escapeHtml(firstName(name))} · ${Math.round(plan.minutes.planned)} min`;
  return [
    '<main data-floor data-theme="dark" class="min-h-dvh bg-paper text-ink"><div class="mx-auto max-w-2xl pb-48">',
    `<header class="px-5 pt-6"><p class="label text-[0.8rem]">Opening …</p><h1 class="head text-3xl">${title}</h1></header>`,
    `<ol class="mt-4">${items.join('')}</ol></div></main>`,
  ].join('');
}

export type FirstWords = (ctx: Context, token: string) => Promise<string | undefined>;

/**
 * What stands on the page of a link before its scripts run; undefined where the page says it itself: a link that opens nothing, no session, or
 * somebody who is no reader, such as a messenger that looks at the link to show a preview of it.
 */
export function firstWords({ database, log, today, linkRate, publicUrl }: Services): FirstWords {
  const door = new AuthLookup(database, linkRate, publicUrl);
  return async (ctx, token) => {
    if (ctx.get('sec-fetch-mode') !== 'navigate') return undefined;
    try {
      const { organisation_id, athlete_id } = await door.holder(ctx, token);
      return await database.asOrganisation(organisation_id, async (tx) => {
        const { athlete, session } = await todayOf(tx, athlete_id, today());
        if (!athlete || session?.status !== 'sent') return undefined;
        const { units } = { units: metric, ...(await unitsOf(tx)) };
        return sessionHtml(athlete.name, session.plan, units);
      });
    } catch (error) {
      // The page asks once more and tells what is wrong; it comes even while the database is away.
      if (!(error instanceof HttpError)) log.warn({ kind: (error as Error).constructor.name }, 'no first words');
      return undefined;
    }
  };
}
