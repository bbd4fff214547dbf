import type { DeedShown } from '@taxikine/core/records/wire/audit';
import type { TextOf } from '../../words/useText';

/** Whom it was done to: by today's name, or that they are gone. */
function nameOf({ name, to }: DeedShown, t: TextOf): string {
  if (name !== null) return name;
  return to === null ? '' : t('deeds.gone', { id: to.slice(0, 8) });
}

/** Some are said in two ways: with a device and without, by themselves and to somebody else. */
function keyOf({ deed, detail, to }: DeedShown): string {
  if (deed === 'signed-in' && detail) return 'signed-in_on';
  if (deed === 'handed-over' && detail === 'all') return 'handed-over_all';
  return deed === 'factor-off' && to ? 'factor-off_of' : deed;
}

/** What was done, as the rest of a sentence that begins with who did it. */
export function deedWords(one: DeedShown, t: TextOf): string {
  const { deed, detail } = one;
  const key = keyOf(one);
  const role = deed === 'role-changed' ? t(`deeds.roles.${detail}`) : '';
  return t(`deeds.of.${key}`, { name: nameOf(one, t), detail, role });
}
