// The application builder of @angular/build, but for object spreads: it writes them out as calls, for the sake of an engine of 2021, and what a
// first visit runs but once, the catalogue and the demo above all, takes half as long again with those.
import { createBuilder } from '@angular-devkit/architect';
import { buildApplication } from '@angular/build';

const spreadsAsWritten = {
  name: 'spreads-as-written',
  setup: ({ initialOptions }) => {
    initialOptions.supported = { ...initialOptions.supported, 'object-rest-spread': true };
  },
};

export default createBuilder(async function* (options, context) {
  const usual = await context.validateOptions(options, '@angular/build:application');
  yield* buildApplication(usual, context, { codePlugins: [spreadsAsWritten] });
});
