/** A short word of the screen: what it means here, and what else the field calls it. */
export interface GlossaryEntry {
  word: string;
  /** What walkers and makers call it. */
  field?: string;
  says: string;
}

/** Every short word, in the order in which a plan is read; hints on screen and the guide's list of words both take them from here. */
export const GLOSSARY: readonly GlossaryEntry[] = [
  {
    word: 'to burn',
    field: 'fuel need',
    says: 'What the hot meals of this stretch take, each simulated in its own day’s cold, wind and height, added up.',
  },
  {
    word: 'reserve asked',
    field: 'safety margin',
    says: 'What you want on top of the need, as a share of it. What is bought is rarely just that: cans come in sizes.',
  },
  {
    word: 'reserve',
    field: 'safety margin',
    says: 'A share on top of the need, for what nobody foresees. The risk says what it is good for.',
  },
  {
    word: 'fuel and containers',
    field: 'gross weight',
    says: 'What the scale would show of everything that holds fuel as you leave: fuel, cans, bottles.',
  },
  {
    word: 'left on arrival',
    field: 'surplus',
    says: 'What is over at the next stop if all goes as expected: what leaves the stop less what is to be burnt.',
  },
  {
    word: 'average load',
    field: 'average carried weight',
    says: 'Everything for cooking, averaged over the mornings of the stretch: fuel shrinks, cans and kit do not.',
  },
  { word: 'at the stove', field: 'stove time', says: 'Minutes beside the lit burner, all meals of the stretch together.' },
  { word: 'start', field: 'start weight', says: 'Everything for cooking as you leave the stop: kit, containers, fuel.' },
  { word: 'start weight', says: 'Everything for cooking as you leave the stop: kit, containers, fuel.' },
  { word: 'gram-days', says: 'Grams times the mornings on which they are lifted: 100 g carried for five days are 500 gram-days.' },
  {
    word: 'runs out',
    field: 'failure probability',
    says: 'The share of 10,000 drawn trips on which this fuel does not reach the next stop.',
  },
  { word: 'tightest', says: 'The stretch that runs out most often.' },
  { word: 'in the way', says: 'What cannot be done as planned: a meal without heat enough, a can that is not sold, a rule.' },
  { word: 'where the next gram is', says: 'The single change that saves most on this trip. What costs no comfort comes first.' },
  { word: 'a closer look at the', says: 'One part of the physics by itself: the flame, the cold, the dose, the rest after the boil.' },
  {
    word: 'flame',
    field: 'valve setting',
    says: 'How far the valve is open, as a share of fully open. Less heat goes up the sides of the pot, and it takes longer.',
  },
  { word: 'sleeve', field: 'heat-proof cozy', says: 'An insulating sleeve that stays on the pot while it heats.' },
  {
    word: 'the can',
    field: 'canister warming',
    says: 'What keeps gas under pressure in the cold: in the quilt at night, in lukewarm water, out of the wind.',
  },
  {
    word: 'heats, against its kind',
    says: 'How much heat of your burner gets into the pot, against a usual one of its kind. The bench finds it out.',
  },
  {
    word: 'wind: a flame is',
    says: 'What you would see an unscreened flame do: steady (calm), leaning, blown about, blown out. Each stands for a speed.',
  },
  { word: 'it blows', says: 'Steady or in gusts: gusts cost more than their mean.' },
  { word: 'made safe', field: 'water treatment', says: 'How water is made fit to drink. Boiling it costs fuel; filters freeze.' },
  { word: 'eaten out', field: 'town meal', says: 'A meal in a house: nothing of yours is burnt for it.' },
  { word: 'water from', field: 'start temperature', says: 'How cold the water is that goes into the pot, or that it is melted from snow.' },
  {
    word: 'empties',
    field: 'canister recycling',
    says: 'Whether an empty can may be left at this stop. Where it may not, it is carried on.',
  },
  { word: 'sells', says: 'What can be bought at this stop, and which sizes.' },
  { word: 'a box', field: 'mail drop', says: 'A box posted ahead to this stop. Fuel goes by road only, if the carrier takes it at all.' },
  { word: 'detour', says: 'How far the shop is off the trail.' },
  { word: 'walk', says: 'How far one goes that day.' },
  { word: 'a dish goes', says: 'For which days a dish counts: every day, the brushed days, or several in turn.' },
  { word: 'poured away', field: 'pasta water', says: 'Water that is heated and thrown out: it costs what any water costs.' },
  {
    word: 'rest',
    field: 'rehydration time',
    says: 'How long the pot stands off the flame until the food is done, here, in this cold and this wrap.',
  },
  { word: 'simmer', says: 'How long the flame has to hold the boil. It needs a burner that can be turned down.' },
  { word: 'lighting', says: 'One lighting for water, food and drink, or one each: every start warms burner and pot anew.' },
  { word: 'appetite', says: 'How much more or less is eaten than the packet says.' },
  { word: 'wash-up water', says: 'Water warmed to clean the pot.' },
  { word: 'hot meals cooked', says: 'The share of the planned hot meals that this kit really cooks.' },
  { word: 'carried, on average', says: 'Everything for cooking, averaged over all mornings of the trip.' },
  { word: 'fuel burnt', says: 'Over the whole trip.' },
  { word: 'minutes at the burner', field: 'stove time', says: 'Beside the lit burner, over the whole trip.' },
  { word: 'still to buy', says: 'What of this kit is not yours yet.' },
  { word: 'price of the trip', says: 'Fuel, and what wears out.' },
  { word: 'packed size', says: 'The room it takes in the pack, pot and all that does not fit into it.' },
  { word: 'stops that fill it up', says: 'The share of the stops on the way that sell what it burns.' },
  { word: 'little fuss', says: 'Your own judgement: how few steps from cold hands to hot food.' },
  { word: 'safe when tired', says: 'Your own judgement: what happens to it when you are not at your best.' },
  {
    word: 'turns down by',
    field: 'simmering',
    says: 'How far the flame can be turned down from full: at 80 % a fifth of it is left. Simmering wants about that.',
  },
  { word: 'wind it stands', says: 'The wind at which this kit still boils its water, or blows out.' },
  { word: 'coldest it helps in', says: 'The cold in which this kit still boils its water out of a fresh can.' },
  { word: 'a gram', says: 'What it costs for each gram it saves.' },
  { word: 'outside', says: 'Pieces that ride outside the pot.' },
  { word: 'known to', says: 'How far the burner would be known after the test: one standard deviation.' },
  { word: 'reserve less', says: 'Grams of reserve that you could leave at home once the test is done.' },
  { word: 'left in it', says: 'Fuel still in the can.' },
  { word: 'not cooked', says: 'Meals that were planned hot and were not.' },
  { word: 'each of them', says: 'Whether this container may come along, or must.' },
  {
    word: 'hot meals missed',
    says: 'Planned hot meals that this way cannot cook. A way that misses none always comes before one that does.',
  },
];

/** What a word on screen means; undefined where it needs no saying. */
export const meaningOf = (word: string): GlossaryEntry | undefined => GLOSSARY.find((e) => e.word === word);
