import { pageScale } from './page-scale';
import { download } from './download';

/** Properties that a drawing takes from the page's styles and must bring along when it leaves it. */
const KEPT = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'font',
  'text-anchor',
  'paint-order',
  'display',
] as const;
const PNG_SCALE = 2;

/** A drawing of the page as a file of its own: every style it takes from the page written into it, on the page's ground. */
export function figureAsSvg(drawn: SVGSVGElement): string {
  const { width, height } = drawn.getBoundingClientRect();
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  const originals = [drawn, ...drawn.querySelectorAll<SVGElement>('*')];
  const copies = [copy, ...copy.querySelectorAll<SVGElement>('*')];
  originals.forEach((from, i) => {
    const style = getComputedStyle(from);
    copies[i].setAttribute('style', KEPT.map((p) => `${p}:${style.getPropertyValue(p)}`).join(';'));
    copies[i].removeAttribute('class');
  });
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.removeAttribute('aria-hidden');
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  ground.setAttribute('width', '100%');
  ground.setAttribute('height', '100%');
  ground.setAttribute('fill', getComputedStyle(document.body).backgroundColor);
  copy.prepend(ground);
  return new XMLSerializer().serializeToString(copy);
}

/** Room beside drawings for what is written left and right of their axis, px of a page at its usual size. */
const BESIDE_PX = 84;

/** Drawings that stand under one another and share an axis, as one. */
export function figuresAsSvg(drawn: readonly SVGSVGElement[]): string {
  const boxes = drawn.map((d) => d.getBoundingClientRect());
  const top = Math.min(...boxes.map((b) => b.top));
  const height = Math.max(...boxes.map((b) => b.bottom)) - top;
  const width = Math.max(...boxes.map((b) => b.width));
  const parts = drawn.map((d, i) => figureAsSvg(d).replace('<svg', `<svg y="${boxes[i].top - top}" overflow="visible"`));
  const ground = getComputedStyle(document.body).backgroundColor;
  const beside = BESIDE_PX * pageScale();
  const box = `${-beside} 0 ${width + 2 * beside} ${height}`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}"><rect x="${-beside}" width="100%" height="100%" fill="${ground}"/>${parts.join('')}</svg>`;
}

/** Hands drawings that stand under one another to the browser as one SVG. */
export function downloadFiguresSvg(drawn: readonly SVGSVGElement[], name: string): void {
  download(`${name}.svg`, new Blob([figuresAsSvg(drawn)], { type: 'image/svg+xml' }));
}

/** Hands a drawing to the browser as SVG. */
export function downloadFigureSvg(drawn: SVGSVGElement, name: string): void {
  download(`${name}.svg`, new Blob([figureAsSvg(drawn)], { type: 'image/svg+xml' }));
}

/** The same as a picture of twice the size. */
export async function downloadFigurePng(drawn: SVGSVGElement, name: string): Promise<void> {
  const { width, height } = drawn.getBoundingClientRect();
  await downloadPicture(name, { svg: figureAsSvg(drawn), width, height });
}

/** A drawing that stands by itself, px. */
export interface Picture {
  svg: string;
  width: number;
  height: number;
}

/** Hands a drawing to the browser as a picture of twice its size. */
export async function downloadPicture(name: string, { svg, width, height }: Picture): Promise<void> {
  const image = new Image();
  // a data address: the page's security policy lets no picture in from elsewhere
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = width * PNG_SCALE;
  canvas.height = height * PNG_SCALE;
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (blob) download(`${name}.png`, blob);
}
