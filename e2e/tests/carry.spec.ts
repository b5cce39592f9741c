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
  list,
  loadout,
  open,
  pick,
  SIZES,
  standing,
  test,
  type,
  unfold,
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
      expect(await grams(page, 'Fuel need')).toBe(Math.round(plan.demandG));
      expect(await grams(page, 'Fuel left on arrival')).toBe(Math.round(plan.fuelG - plan.demandG));
      await expect(containers(page)).toHaveText([/^100 g, new/, /^100 g, new/]);
      if (size.name === 'phone') await unfold(page, 'Meals');
      await expect(page.getByRole('region', { name: 'dinner' })).toContainText(`${plan.days[0].meals.supper?.burn.fuelG.toFixed(1)} g`);
      expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
      await expectStill(page, 'Carry');
    });

    test('answers at once to every input', async ({ page }) => {
      await open(page);
      const before = await grams(page, 'Fuel need');
      if (size.name === 'phone') await unfold(page, 'Conditions');
      await type(page, 'Days, typed', '7');
      await expect(loadout(page)).toContainText('Leg 1 of 5, days 1–7');
      expect(await grams(page, 'Fuel need')).toBeGreaterThan(before);

      if (size.name === 'phone') for (const part of ['Cook kit', 'Meals']) await unfold(page, part);
      await pick(list(page, 'Stove'), /^Open-jet alcohol stove/);
      await expect(containers(page).first()).toContainText('bottle');
      await expect(page.getByRole('region', { name: 'dinner' })).toContainText(/pour \d+\smL/);
      await pick(list(page, 'Stove'), /^Tablet tray, one lit/);
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
  await expect(page.getByRole('dialog')).toContainText('All commands');
  await standing(page);
  await expectFits(page, DIALOG);
});

test('each condition moves the fuel the way it should', async ({ page }) => {
  await open(page);
  // tablets give a steady flame; a canister in colder air is weaker, slower and more efficient, which hides the cold
  await pick(list(page, 'Stove'), /^Tablet tray, two lit/);
  for (const words of ['Altitude, gusts', 'Lid, windscreen']) await unfold(page, words);
  await expect(containers(page).first()).toContainText('tablets');
  const steps: [string, string, 'more' | 'less'][] = [
    ['Evenings, typed', '-5 C', 'more'],
    ['Mornings, typed', '20 F', 'more'],
    ['Water temperature, typed', '1', 'more'],
    ['Altitude, typed', '10,000 ft', 'less'], // the boil is cooler up there
    ['Dinner water', '3 cups', 'more'],
    ['Breakfast water', '12 fl oz', 'less'],
  ];
  for (const [label, text, direction] of steps) {
    const before = await grams(page, 'Fuel need');
    await type(page, label, text);
    if (direction === 'more') await expect.poll(() => grams(page, 'Fuel need'), label).toBeGreaterThan(before);
    else await expect.poll(() => grams(page, 'Fuel need'), label).toBeLessThan(before);
  }
  const before = await grams(page, 'Fuel need');
  const lid = page.getByRole('switch', { name: 'Lid on' });
  await lid.click();
  await expect.poll(() => grams(page, 'Fuel need')).toBeGreaterThan(before);
  await lid.click();
  await expect.poll(() => grams(page, 'Fuel need')).toBe(before);
  await pick(list(page, 'Dinner, heated to'), /^Stop at/);
  await expect.poll(() => grams(page, 'Fuel need')).toBeLessThan(before);
  await pick(list(page, 'Windscreen'), 'None');
  await pick(list(page, 'Wind'), /^Strong/);
  await expect(loadout(page)).toContainText('may blow out');
});

test('every gram figure opens into parts that lead further', async ({ page }) => {
  await open(page);
  await verdict(page).getByRole('button', { name: demandFigure }).click();
  const ledger = page.getByRole('dialog');
  await expect(ledger).toContainText('Fuel need, Nettle Hut to Harrow Junction');
  await ledger.getByRole('button', { name: 'Day 3, dinner' }).click();
  await expect(ledger).toContainText('dinner on day 3');
  await expect(ledger).toContainText('Into the water');
  await expect(ledger).toContainText('η = 0.58');
  await ledger.getByRole('button', { name: 'Change air', exact: true }).click();
  await expect(ledger).toBeHidden();
  await expect(page).toHaveURL(/\/trail/);
  await expect(page.locator('app-ribbon text.marked')).toHaveText('3');
});

test('takes the advice with one press and gives it back with undo', async ({ page }) => {
  await open(page);
  await verdict(page).getByRole('button', { name: 'Why, and what next' }).click();
  await expect(verdict(page)).toContainText('With one 230 g canister you would leave Nettle Hut');
  await verdict(page)
    .getByRole('button', { name: /^Eat breakfast cold/ })
    .click();
  await expect(containers(page)).toHaveText([/^100 g, new/]);
  await page.keyboard.press('Control+z');
  await expect(containers(page)).toHaveText([/^100 g, new/, /^100 g, new/]);
});

test('follows a dragged scale as one step', async ({ page }) => {
  await open(page);
  const scale = page.getByRole('slider', { name: 'Days', exact: true });
  const box = await page.locator('nz-slider', { has: scale }).boundingBox();
  if (!box) throw new Error('no scale');
  const y = box.y + box.height / 2;
  await page.mouse.move(box.x + box.width * 0.2, y);
  await page.mouse.down();
  for (let i = 2; i <= 9; i++) await page.mouse.move(box.x + (box.width * i) / 10, y);
  await page.mouse.up();
  await expect(page.getByRole('textbox', { name: 'Days, typed' })).toHaveValue(/^(1[6-9]|2\d)$/);
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('for 5 days');
});

test('can be walked through with the keyboard alone', async ({ page }) => {
  await open(page);
  const ribbon = page.getByRole('slider', { name: 'Day marker on the trail ribbon' });
  await ribbon.focus();
  await page.keyboard.press('End');
  await expect(ribbon).toHaveAttribute('aria-valuenow', '23');
  await expect(verdict(page)).toContainText('Leave Lantern Ferry');
  await page.keyboard.press('ArrowLeft');
  await expect(page.locator('app-meals-panel')).toContainText('day 22');
  await page.keyboard.press('Home');

  await expect(page.getByRole('textbox', { name: 'Days, typed' })).toHaveValue('5');
  await page.getByRole('slider', { name: 'Days', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(verdict(page)).toContainText('for 6 days');

  await page.getByRole('textbox', { name: 'Dinner water' }).focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('textbox', { name: 'Dinner water' })).toHaveValue('610');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('for 5 days');
  await page.keyboard.press('Control+y');
  await expect(verdict(page)).toContainText('for 6 days');

  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox', { name: 'Find a command' })).toBeFocused();
  await page.keyboard.type('units'); // no letter of it is taken for a command
  await page.keyboard.press('Enter');
  const units = page.getByRole('dialog', { name: 'Units' });
  await expect(units).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(units).toBeHidden();

  await ribbon.focus(); // undo has kept the focus in the field, where a letter is typed
  await expect(page.locator('.ribbon')).toHaveAttribute('viewBox', / 142$/);
  await page.keyboard.press('f');
  await expect(page.locator('.ribbon')).toHaveAttribute('viewBox', / 220$/);
});

test('a dialog that follows another keeps the focus, and what had it before both gets it back', async ({ page }) => {
  await open(page);
  const days = page.getByRole('textbox', { name: 'Days, typed' });
  await days.focus();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox', { name: 'Find a command' })).toBeFocused();
  await page.keyboard.type('units');
  await page.keyboard.press('Enter');
  const units = page.getByRole('dialog', { name: 'Units' });
  await expect(units.locator(':focus')).toBeAttached();
  // the drawer before it has slid out by then
  await expect(page.locator('.ant-drawer-body section')).toHaveCount(1);
  await page.waitForFunction(() => document.getAnimations().every((a) => a.playState !== 'running'));
  await page.keyboard.press('Tab');
  await expect(units.locator(':focus')).toBeAttached();
  await page.keyboard.press('Escape');
  await expect(units).toBeHidden();
  await expect(days).toBeFocused();
});

test('says what is wrong with a typed value and keeps the old one', async ({ page }) => {
  await open(page);
  await type(page, 'Dinner water', '5 km');
  await expect(page.getByRole('alert')).toContainText('here goes a volume');
  await type(page, 'Dinner water', '60 F / 20 C');
  await expect(page.getByRole('alert')).toContainText('a temperature');
  await type(page, 'Dinner water', '9000');
  await expect(page.getByRole('alert')).toContainText('50 mL to 5,000 mL');
  expect(await grams(page, 'Fuel need')).toBe(DEMAND_G);
  await page.getByRole('textbox', { name: 'Dinner water' }).press('Escape');
  await expect(page.getByRole('alert')).toBeHidden();
});

test('shows every figure in the units asked for', async ({ page }) => {
  await open(page);
  await page.keyboard.press('u');
  await page.getByRole('button', { name: 'All US customary' }).click();
  await page.keyboard.press('Escape');
  await expect(verdict(page)).toContainText(`${(FIRST_CARRY.demandG / 28.349523).toFixed(2)} oz`);
  await expect(page.getByRole('textbox', { name: 'Evenings, typed' })).toHaveValue('46');
  await unfold(page, 'Altitude, gusts');
  await expect(page.getByRole('textbox', { name: 'Altitude, typed' })).toHaveValue('7,264'); // 2,214 m on average
});

test('a bad purchase is pinned, its price is seen, and one that is too small is refused with a reason', async ({ page }) => {
  await open(page);
  await page.getByRole('slider', { name: 'Day marker' }).focus();
  for (let day = 1; day < 10; day++) await page.keyboard.press('ArrowRight');
  await expect(loadout(page)).toContainText('Quill Landing to Tarn House');
  await unfold(page, 'Average weight, stove time');
  await page.getByText('How it is chosen').click();
  await type(page, '450 g canisters to buy here, decided', '1');
  await expect(loadout(page)).toContainText('Bought here: 450 g canister, new');
  await expect(loadout(page)).toContainText(/What is pinned costs \d+\sg carried all the way/);
  await type(page, '450 g canisters to buy here, decided', '0');
  // with nothing bought here, the stop before has to provide for it
  await expect(loadout(page)).toContainText('Nothing is bought here. Carried on: 230 g canister, new');
  await page.getByRole('button', { name: 'Choose for me again' }).click();
  await expect(loadout(page)).toContainText('Bought here: 230 g canister, new');
  await page.getByRole('slider', { name: 'Day marker' }).press('Home');
  await expect(loadout(page)).toContainText('Nettle Hut to Harrow Junction');
  await type(page, '230 g canisters to buy here, decided', '0');
  await expect(loadout(page)).toContainText('too little out of Nettle Hut: the pins are not followed');
  await page.getByRole('button', { name: 'Choose for me again' }).click();
  await pick(list(page, 'Least'), 'gram-kilometres');
  await expect(loadout(page)).toContainText('Packed at home');
});
