import type { MaybeSide, Side } from './side';

/** What is on a side has it behind an `@`; what has none stands alone: `knee-in@left`, `tips-back`. */
export type OnSide<Id extends string = string> = Id | `${Id}@${Side}`;

export const onSide = <Id extends string>(id: Id, side: MaybeSide | undefined): OnSide<Id> =>
  side ? `${id}@${side}` : id;

/** The two parts of it again; without an `@` there is no side. */
export function apart<Id extends string>(
  key: OnSide<Id>,
): { readonly id: Id; readonly side: MaybeSide } {
  const at = key.lastIndexOf('@');
  return at < 0
    ? { id: key as Id, side: null }
    : { id: key.slice(0, at) as Id, side: key.slice(at + 1) as Side };
}
