import {
  containers,
  DEMAND_G,
  demandFigure,
  DIALOG,
  expect,
  expectContrast,
  expectFits,
  expectStill,
  FIRST_CARRY,
  grams,
  loadout,
  open,
  SIZES,
  standing,
  test,
  type,
  verdict,
  watchShifts,
} from './helpers';

for (const size of SIZES) {
  test.describe(size.name, () => {
    test.use({ viewport: { width: size.width, height: size.height } });

    test('shows the demo with the same numbers as the core, and nothing moves while loading', async ({ page }) => {
      await watchShifts(page);
      await open(page);
      const plan = FIRST_CARRY;
      expect(await grams(page, 'to burn')).toBe(Math.round(plan.demandG));
      expect(await grams(page, 'left on arrival')).toBe(Math.round(plan.fuelG - plan.demandG));
      await expect(containers(page)).toHaveText(['100 g can, new', '100 g can, new']);
      await expect(page.getByRole('region', { name: 'supper' })).toContainText(`${plan.days[0].meals.supper?.burn.fuelG.toFixed(1)} g`);
      expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
      await expectStill(page, 'Carry');
    });

    test('answers at once to every input', async ({ page }) => {
      await open(page);
      const before = await grams(page, 'to burn');
      await type(page, 'days, typed', '7');
      // a phone’s verdict lets the days go again once the risk is told beside them
      if (size.name === 'desk') await expect(verdict(page)).toContainText('7 days burn');
      await expect(loadout(page)).toContainText('as far as Harrow Junction, day 7');
      expect(await grams(page, 'to burn')).toBeGreaterThan(before);

      await page.getByLabel('burner', { exact: true }).selectOption({ label: 'open-jet alcohol burner' });
      await expect(containers(page).first()).toContainText('bottle');
      await expect(page.getByRole('region', { name: 'supper' })).toContainText(/pour \d+\smL/);
      await page.getByLabel('burner', { exact: true }).selectOption({ label: 'tablet tray, one lit' });
      await expect(containers(page).first()).toContainText(/\d+ tablets of 14 g/);
    });
  });
}

test('has no accessibility violations, in daylight and by headlamp, with drawers open', async ({ page }) => {
  await open(page);
  await expectFits(page);
  await page.keyboard.press('t');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'headlamp');
  await expectContrast(page);
  await loadout(page).getByRole('button', { name: demandFigure }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await standing(page);
  await expectFits(page, DIALOG);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('what can be done here');
  await standing(page);
  await expectFits(page, DIALOG);
});

test('each condition moves the fuel the way it should', async ({ page }) => {
  await open(page);
  // tablets give a steady flame; a canister in colder air is weaker, slower and more efficient, which hides the cold
  await page.getByLabel('burner', { exact: true }).selectOption({ label: 'tablet tray, two lit' });
  await expect(containers(page).first()).toContainText('tablets');
  const steps: [string, string, 'more' | 'less'][] = [
    ['air at supper, typed', '-5 C', 'more'],
    ['at breakfast, typed', '20 F', 'more'],
    ['water from, typed', '1', 'more'],
    ['altitude, typed', '10,000 ft', 'less'], // the boil is cooler up there
    ['supper water', '3 cups', 'more'],
    ['breakfast water', '12 fl oz', 'less'],
  ];
  for (const [label, text, direction] of steps) {
    const before = await grams(page, 'to burn');
    await type(page, label, text);
    if (direction === 'more') await expect.poll(() => grams(page, 'to burn'), label).toBeGreaterThan(before);
    else await expect.poll(() => grams(page, 'to burn'), label).toBeLessThan(before);
  }
  const before = await grams(page, 'to burn');
  await page.getByRole('radiogroup', { name: 'Lid' }).getByText('off').click();
  await expect.poll(() => grams(page, 'to burn')).toBeGreaterThan(before);
  await page.getByRole('radiogroup', { name: 'Lid' }).getByText('on').click();
  await expect.poll(() => grams(page, 'to burn')).toBe(before);
  await page.getByRole('radiogroup', { name: 'supper, brought to' }).getByText('stop at').click();
  await expect.poll(() => grams(page, 'to burn')).toBeLessThan(before);
  await page.getByLabel('windscreen', { exact: true }).selectOption('none');
  await page
    .getByRole('radiogroup', { name: /wind does/ })
    .getByText('blows out')
    .click();
  await expect(loadout(page)).toContainText('may blow out');
});

test('every gram figure opens into parts that lead further', async ({ page }) => {
  await open(page);
  await verdict(page).getByRole('button', { name: demandFigure }).click();
  const ledger = page.getByRole('dialog');
  await expect(ledger).toContainText('fuel to burn, Nettle Hut to Harrow Junction');
  await ledger.getByRole('button', { name: 'day 3, supper' }).click();
  await expect(ledger).toContainText('supper on day 3');
  await expect(ledger).toContainText('into the water');
  await expect(ledger).toContainText('η = 0.58');
  await page.keyboard.press('Escape');
  await expect(ledger).toBeHidden();
});

test('takes the advice with one press and gives it back with undo', async ({ page }) => {
  await open(page);
  await verdict(page).getByRole('button', { name: 'Why, and what next' }).click();
  await expect(verdict(page)).toContainText('With one 230 g can you would leave Nettle Hut');
  await verdict(page)
    .getByRole('button', { name: /eating breakfast cold/ })
    .click();
  await expect(containers(page)).toHaveText(['100 g can, new']);
  await page.keyboard.press('Control+z');
  await expect(containers(page)).toHaveText(['100 g can, new', '100 g can, new']);
});

test('follows a dragged scale as one step', async ({ page }) => {
  await open(page);
  const scale = page.getByRole('slider', { name: 'days', exact: true });
  const box = await scale.boundingBox();
  if (!box) throw new Error('no scale');
  const y = box.y + box.height / 2;
  await page.mouse.move(box.x + box.width * 0.2, y);
  await page.mouse.down();
  for (let i = 2; i <= 9; i++) await page.mouse.move(box.x + (box.width * i) / 10, y);
  await page.mouse.up();
  await expect(verdict(page)).toContainText(/1[6-9] days burn|2\d days burn/);
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('5 days burn');
});

test('can be walked through with the keyboard alone', async ({ page }) => {
  await open(page);
  const ribbon = page.getByRole('slider', { name: 'Day marker on the trail ribbon' });
  await ribbon.focus();
  await page.keyboard.press('End');
  await expect(ribbon).toHaveAttribute('aria-valuenow', '23');
  await expect(verdict(page)).toContainText('Leave Lantern Ferry');
  await page.keyboard.press('ArrowLeft');
  await expect(page.locator('app-meals-panel')).toContainText('on day 22');
  await page.keyboard.press('Home');

  await expect(page.getByRole('textbox', { name: 'days, typed' })).toHaveValue('5 days');
  await page.getByRole('slider', { name: 'days', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(verdict(page)).toContainText('6 days burn');

  await page.getByRole('textbox', { name: 'supper water' }).focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('textbox', { name: 'supper water' })).toHaveValue('610 mL');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('5 days burn');
  await page.keyboard.press('Control+y');
  await expect(verdict(page)).toContainText('6 days burn');

  await page.keyboard.press('Control+k');
  await expect(page.getByRole('textbox', { name: 'Find a command' })).toBeFocused();
  await page.keyboard.type('units'); // no letter of it is taken for a command
  await page.keyboard.press('Enter');
  const units = page.getByRole('dialog', { name: 'units shown' });
  await expect(units).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(units).toBeHidden();

  await expect(page.locator('.ribbon')).toHaveAttribute('height', '121');
  await page.keyboard.press('f');
  await expect(page.locator('.ribbon')).toHaveAttribute('height', '220');
});

test('says what is wrong with a typed value and keeps the old one', async ({ page }) => {
  await open(page);
  await type(page, 'supper water', '5 km');
  await expect(page.getByRole('alert')).toContainText('here goes a volume');
  await type(page, 'supper water', '60 F / 20 C');
  await expect(page.getByRole('alert')).toContainText('a temperature');
  await type(page, 'supper water', '9000');
  await expect(page.getByRole('alert')).toContainText('50 mL to 5,000 mL');
  expect(await grams(page, 'to burn')).toBe(DEMAND_G);
  await page.getByRole('textbox', { name: 'supper water' }).press('Escape');
  await expect(page.getByRole('alert')).toBeHidden();
});

test('shows every figure in the units asked for', async ({ page }) => {
  await open(page);
  await page.keyboard.press('u');
  await page.getByRole('button', { name: 'all US customary' }).click();
  await page.keyboard.press('Escape');
  await expect(verdict(page)).toContainText(`${(FIRST_CARRY.demandG / 28.349523).toFixed(2)} oz`);
  await expect(page.getByRole('textbox', { name: 'air at supper, typed' })).toHaveValue('46 °F');
  await expect(page.getByRole('textbox', { name: 'altitude, typed' })).toHaveValue('7,264 ft'); // 2,214 m on average
});

test('a bad purchase is pinned, its price is seen, and one that is too small is refused with a reason', async ({ page }) => {
  await open(page);
  await page.getByRole('slider', { name: 'Day marker' }).focus();
  for (let day = 1; day < 10; day++) await page.keyboard.press('ArrowRight');
  await expect(loadout(page)).toContainText('out of Quill Landing');
  await page.getByText('how it is chosen').click();
  await type(page, '450 g cans to buy here, decided', '1');
  await expect(loadout(page)).toContainText('Bought here: 450 g can, new');
  await expect(loadout(page)).toContainText(/What is pinned costs \d+\sg carried all the way/);
  await type(page, '450 g cans to buy here, decided', '0');
  // with nothing bought here, the stop before has to provide for it
  await expect(loadout(page)).toContainText('Nothing is bought here. Carried on: 230 g can, new');
  await page.getByRole('button', { name: 'let it be chosen again' }).click();
  await expect(loadout(page)).toContainText('Bought here: 230 g can, new');
  await page.getByRole('slider', { name: 'Day marker' }).press('Home');
  await expect(loadout(page)).toContainText('out of Nettle Hut');
  await type(page, '230 g cans to buy here, decided', '0');
  await expect(loadout(page)).toContainText('too little out of Nettle Hut: the pins are not followed');
  await page.getByRole('button', { name: 'let it be chosen again' }).click();
  await page.getByRole('combobox', { name: 'least' }).selectOption('gramKm');
  await expect(loadout(page)).toContainText('Packed at home');
});
