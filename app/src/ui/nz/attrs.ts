/** Sets attributes by name; null and undefined take one away. Writes only what differs, so that observers of attributes are not woken for nothing. */
export function setAttrs(element: Element | null | undefined, attrs: Record<string, string | number | boolean | null | undefined>): void {
  if (!element) return;
  for (const [name, value] of Object.entries(attrs)) {
    if (value === null || value === undefined) element.removeAttribute(name);
    else if (element.getAttribute(name) !== String(value)) element.setAttribute(name, String(value));
  }
}

const NAMING = ['aria-label', 'aria-labelledby', 'aria-describedby'];

/** Takes what names `from` over to `to`, the element within it that has the focus. */
export function moveNaming(from: Element, to: Element | null | undefined): void {
  if (!to) return;
  for (const name of NAMING) {
    const value = from.getAttribute(name);
    if (!value) continue;
    to.setAttribute(name, value);
    from.removeAttribute(name);
  }
}

let serial = 0;
/** An id that no other element of the page has. */
export const newId = (what: string): string => `nz-${what}-${serial++}`;

/** Gives the focus back to the button of something that closes, where it was in that (the element with that id) and would be lost. */
export function giveFocusBack(button: HTMLElement, id: string): void {
  if (button.ownerDocument.activeElement?.closest(`#${id}`)) button.focus();
}
