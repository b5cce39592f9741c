import { packageById, PACKAGES, type PackageId } from './packages';

/** What packages usually cost where a stop's own price is not known, in the walker's money (common practice; marked where it is used). */
export const USUAL_PRICES: Record<PackageId, number> = {
  'can-100': 6,
  'can-230': 9,
  'can-450': 14,
  'alcohol-500': 5,
  'alcohol-1000': 8,
  /** For a litre. */
  'alcohol-poured': 10,
  'tablets-14': 7,
  'tablets-4': 6,
  /** For a litre. */
  'liquid-poured': 3,
  'gel-200': 4,
};
/** Tablets in a box (common practice). */
export const TABLETS_A_BOX = { 'tablets-14': 6, 'tablets-4': 20 } as const;
/** Millilitres in what alcohol is sold in; what is poured is paid by the litre. */
export const SOLD_ML: Partial<Record<PackageId, number>> = { 'alcohol-500': 500, 'alcohol-1000': 1000 };
const POURED: readonly PackageId[] = ['alcohol-poured', 'liquid-poured'];

/** A package on offer, with its price where the stop's own is known. */
export interface Offer {
  packageId: PackageId;
  price: number | null;
}
/** What is bought for a need. */
export interface Purchase {
  price: number;
  /** Bought and not needed, g or mL by what was asked for. */
  over: number;
  /** A usual price stood in for an unknown one. */
  assumed: boolean;
}

const priceOf = ({ packageId, price }: Offer): { price: number; assumed: boolean } => ({
  price: price ?? USUAL_PRICES[packageId],
  assumed: price === null,
});

/** The cheapest way to buy `needMl` of a fuel sold by volume; undefined where none is on offer. Poured fuel is paid by the litre. */
export function cheapestVolume(offers: readonly Offer[], needMl: number): Purchase | undefined {
  const poured = offers.filter((o) => POURED.includes(o.packageId)).map(priceOf);
  const ways: Purchase[] = poured.map((p) => ({ price: (p.price * needMl) / 1000, over: 0, assumed: p.assumed }));
  const packs = offers.flatMap((o) => {
    const sizeMl = SOLD_ML[o.packageId];
    return sizeMl ? [{ sizeMl, ...priceOf(o) }] : [];
  });
  const cover = (leftMl: number, from: number): Purchase | undefined => {
    if (leftMl <= 1e-9) return { price: 0, over: -leftMl, assumed: false };
    let best: Purchase | undefined;
    for (let i = from; i < packs.length; i++) {
      const rest = cover(leftMl - packs[i]!.sizeMl, i);
      if (!rest) continue;
      const way = { price: rest.price + packs[i]!.price, over: rest.over, assumed: rest.assumed || packs[i]!.assumed };
      if (!best || way.price < best.price || (way.price === best.price && way.over < best.over)) best = way;
    }
    return best;
  };
  const packed = packs.length ? cover(needMl, 0) : undefined;
  return [...ways, ...(packed ? [packed] : [])].sort((a, b) => a.price - b.price || a.over - b.over)[0];
}

/** The price of whole packages of one kind. */
export function priceOfPackages(offers: readonly Offer[], packageId: PackageId, count: number): Purchase | undefined {
  const offer = offers.find((o) => o.packageId === packageId);
  if (!offer) return undefined;
  const { price, assumed } = priceOf(offer);
  return { price: price * count, over: 0, assumed };
}

/** What a gram costs in one package at one place. */
export interface GramPrice {
  packageId: PackageId;
  place: string;
  price: number;
  /** A usual price stood in for an unknown one. */
  assumed: boolean;
  perG: number;
}

/** What a gram costs in every package of fixed content that is on offer, once a place, the cheapest first. */
export function gramPrices(offers: readonly (Offer & { place: string })[]): GramPrice[] {
  const found = new Map<string, GramPrice>();
  for (const offer of offers) {
    const { packageId, place } = offer;
    const { netG } = packageById(packageId);
    const key = `${packageId} ${place}`;
    if (netG === undefined || found.has(key)) continue;
    const { price, assumed } = priceOf(offer);
    found.set(key, { packageId, place, price, assumed, perG: price / netG });
  }
  return [...found.values()].sort((a, b) => a.perG - b.perG);
}

/** Everything there is, at usual prices: home, or what is put into a box. */
export const EVERYTHING: readonly Offer[] = (Object.keys(PACKAGES) as PackageId[]).map((packageId) => ({ packageId, price: null }));
