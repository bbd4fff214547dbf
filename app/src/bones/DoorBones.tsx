/** Before it is known whose door it is, the paper alone: a page that is gone in a moment would flash. */
export function DoorBones() {
  return null;
}
