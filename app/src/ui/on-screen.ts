/** Does any of an element stand in the part of the page that is seen just now? */
export function isOnScreen(element: Element): boolean {
  const { top, bottom } = element.getBoundingClientRect();
  return element.isConnected && top <= innerHeight && bottom >= 0;
}
