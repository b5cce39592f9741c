import { unitBySymbol, UNITS, type Quantity, type QuantityProblem } from '@tinder/core/foundation/units';

const THING: Record<Quantity, string> = {
  mass: 'a weight',
  volume: 'a volume',
  temperature: 'a temperature',
  length: 'a length',
  altitude: 'a height',
  distance: 'a distance',
  speed: 'a speed',
  percent: 'a share',
  strength: 'a strength by volume',
  price: 'a price',
  latitude: 'a latitude',
  days: 'a number of days',
  minutes: 'a time',
  hours: 'a number of hours',
  count: 'a number',
  energy: 'an amount of food energy',
};

/** Why a typed quantity was not taken and what to type instead, as one sentence. */
export function quantityProblemWords(problem: QuantityProblem, quantity: Quantity, preferred: string): string {
  const example = `${quantity === 'temperature' ? 8 : 12} ${unitBySymbol(quantity, preferred).symbol}`;
  switch (problem.code) {
    case 'empty':
      return `Type ${THING[quantity]}, for example ${example}.`;
    case 'noNumber':
      return `There is no number to read here. Type ${THING[quantity]}, for example ${example}.`;
    case 'otherQuantity':
      return `“${problem.typed}” is ${THING[problem.other]}; here goes ${THING[quantity]}, for example ${example}.`;
    case 'unknownUnit':
      return `“${problem.typed}” is not a unit known here. Use ${UNITS[quantity].map((u) => u.symbol).join(', ')}.`;
    case 'pairDisagrees':
      return `${problem.first} and ${problem.second} are not the same. Which one do you mean?`;
  }
}
