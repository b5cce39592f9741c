import fc from 'fast-check';

// The same cases on every machine; FC_SEED=… explores others.
fc.configureGlobal({ seed: Number(process.env['FC_SEED'] ?? 20_261) });
