/** Where a screen is there in a moment, its bones are not seen: nothing flashes. */
const APPEAR = '@keyframes bones{from{opacity:0}}.bone{animation:bones 80ms 60ms both}';

/** The one rule that bones need and a style of an element cannot say. */
export function layOutBones(): void {
  if (typeof document === 'undefined' || document.getElementById('bones')) return;
  const style = document.createElement('style');
  style.id = 'bones';
  style.textContent = APPEAR;
  document.head.appendChild(style);
}
