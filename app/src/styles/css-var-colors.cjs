/**
 * LESS plugin: NG-ZORRO computes colours (`fade(@text-color-inverse, 50%)`, `shade(…)`), and LESS cannot compute with a custom property. Here the
 * functions that it uses answer with the browser's `color-mix()` where they are given one, and as ever otherwise.
 */
module.exports = {
  install(less, _manager, functions) {
    const usual = less.functions.functionRegistry;
    const textOf = (node) => (typeof node.value === 'string' ? node.value : node.toCSS({}));
    const isProperty = (node) => !node.rgb && /var\(|color-mix\(|currentcolor/i.test(textOf(node));
    const mixed = (css) => new less.tree.Anonymous(css);
    const withOther = (other, shareOf) => (color, amount) =>
      mixed(`color-mix(in srgb, ${textOf(color)} ${shareOf(amount.value)}%, ${other})`);
    const answers = {
      fade: withOther('transparent', (percent) => percent),
      shade: withOther('black', (percent) => 100 - percent),
      darken: withOther('black', (percent) => 100 - percent),
      tint: withOther('white', (percent) => 100 - percent),
      lighten: withOther('white', (percent) => 100 - percent),
    };
    for (const [name, answer] of Object.entries(answers)) {
      const builtIn = usual.get(name);
      functions.add(name, (color, amount, ...rest) => (isProperty(color) ? answer(color, amount) : builtIn(color, amount, ...rest)));
    }
    const mix = usual.get('mix');
    functions.add('mix', (a, b, weight) =>
      isProperty(a) || isProperty(b) ? mixed(`color-mix(in srgb, ${textOf(a)} ${weight?.value ?? 50}%, ${textOf(b)})`) : mix(a, b, weight),
    );
  },
};
