import { useState } from 'react';
import { ApiError, ask } from '../../api/client';
import { queryClient } from '../../api/queries';
import { useSession } from './store';

/** Sends the open session; the link that the athlete gets. */
export function useSend(): {
  send: () => Promise<void>;
  link: string | undefined;
  problem: string | undefined;
  sending: boolean;
} {
  const [link, setLink] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const [sending, setSending] = useState(false);
  const stored = useSession((s) => s.stored);
  const send = async () => {
    if (!stored) return;
    setSending(true);
    setProblem(undefined);
    try {
      const sent = await ask<{ link: string }>(`/sessions/${stored.id}/send`, 'POST');
      setLink(sent.link);
      useSession.getState().saved({ ...stored, status: 'sent' });
      await queryClient.invalidateQueries({ queryKey: ['squads'] });
      await queryClient.invalidateQueries({ queryKey: ['outbox'] });
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'Not sent. Try again.');
    } finally {
      setSending(false);
    }
  };
  return { send, link, problem, sending };
}
