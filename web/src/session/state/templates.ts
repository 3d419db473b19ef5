import { useQuery } from '@tanstack/react-query';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Slot } from '@tropaeum/core/session/squad/slots';
import type { Template } from '@tropaeum/core/session/squad/template';
import { ask } from '../../api/client';
import { queryClient } from '../../api/queries';

export type StoredTemplate = Template & { id: string };

/** Sessions that the club keeps by name. */
export const useTemplates = () =>
  useQuery({
    queryKey: ['templates'],
    queryFn: async () => (await ask<{ templates: StoredTemplate[] }>('/templates')).templates,
  });

/** Keeps a session by name; one of the same name is replaced. */
export async function saveTemplate(
  name: string,
  { aim, sessionType, minutes, houseRules }: Pick<Brief, 'aim' | 'sessionType' | 'minutes' | 'houseRules'>,
  slots: readonly Slot[],
): Promise<void> {
  await ask('/templates', 'POST', { name, aim, ...(sessionType ? { sessionType } : {}), minutes, houseRules, slots });
  await queryClient.invalidateQueries({ queryKey: ['templates'] });
}

export async function deleteTemplate(id: string): Promise<void> {
  await ask(`/templates/${id}`, 'DELETE');
  await queryClient.invalidateQueries({ queryKey: ['templates'] });
}
