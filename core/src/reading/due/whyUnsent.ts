import { hasConsent, openReferrals } from '../../inference/safety/gate';
import type { ClientFile } from '../../records/clientFile';
import { maybeCurrentPlan, maybeOpenPlan } from '../../planning/home/planAtHome';
import type { MessageRecord, Unsent } from '../../records/messages/messageRecord';
import { maybeDueLook } from './maybeDueLook';

type Asked = Pick<MessageRecord, 'kind' | 'planId' | 'dueOn'>;

function whyNoPlan(file: ClientFile, planId: string | null): Unsent | null {
  const plan = maybeCurrentPlan(file);
  if (!plan || plan.id !== planId) return 'no-plan';
  return maybeOpenPlan(file) ? null : 'held-back';
}

/**
 * Why a letter may not go out now; null when it may. Nobody is written to without an address and consent, nor
 * while a stop-and-refer answer waits for a clinician: then the coach speaks with them.
 */
export function whyUnsent(file: ClientFile, { kind, planId, dueOn }: Asked): Unsent | null {
  if (!file.client.contact) return 'no-address';
  if (!hasConsent(file)) return 'no-consent';
  if (openReferrals(file, null).length > 0) return 'held-back';
  if (kind === 'plan-ready') return whyNoPlan(file, planId);
  return maybeDueLook(file)?.on === dueOn ? null : 'not-due';
}
