import type { Template } from '@tropaeum/core/session/squad/template';
import { asc, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { templates } from '../database/schema';

export type StoredTemplate = Template & { id: string };

export async function templatesOf(tx: Transaction): Promise<StoredTemplate[]> {
  const rows = await tx.select().from(templates).orderBy(asc(templates.name));
  return rows.map(({ id, name, content }) => ({ id, name, ...content }));
}

/** Keeps a template; one of the same name is replaced. */
export async function saveTemplate(
  tx: Transaction,
  organisationId: string,
  { name, ...content }: Template,
): Promise<StoredTemplate> {
  const rows = await tx
    .insert(templates)
    .values({ id: v7(), organisationId, name, content })
    .onConflictDoUpdate({ target: [templates.organisationId, templates.name], set: { content } })
    .returning({ id: templates.id });
  return { id: (rows[0] as { id: string }).id, name, ...content };
}

/** Forgets a template; false when there was none. */
export async function deleteTemplate(tx: Transaction, id: string): Promise<boolean> {
  return (await tx.delete(templates).where(eq(templates.id, id)).returning({ id: templates.id })).length > 0;
}
